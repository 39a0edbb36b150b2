<?php

declare(strict_types=1);

namespace Pindle\App\Record;

use Doctrine\ORM\Mapping as ORM;

/** An id, and nothing else, of what was erased for good: it does not come back with a file it was in. */
#[ORM\Entity]
#[ORM\Table(name: 'erased')]
class ErasedEntity
{
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 36)]
        public readonly string $id,
    ) {
    }
}
