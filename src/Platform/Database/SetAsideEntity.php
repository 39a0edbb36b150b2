<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Database;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** A stored row that could not be read any more, as it was, so that nothing is lost. */
#[ORM\Entity]
#[ORM\Table(name: 'set_aside')]
class SetAsideEntity
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column]
    public ?int $id = null;

    public function __construct(
        #[ORM\Column(length: 40)]
        public readonly string $ofTable,
        /** JSON; what is no text is in base64. */
        #[ORM\Column(type: Types::TEXT)]
        public readonly string $asItWas,
        #[ORM\Column(length: 200)]
        public readonly string $reason,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        public readonly \DateTimeImmutable $at,
    ) {
    }
}
