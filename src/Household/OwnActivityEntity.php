<?php

declare(strict_types=1);

namespace Pindle\App\Household;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** An activity of the household's own, in the shape of the files in content/activities. */
#[ORM\Entity]
#[ORM\Table(name: 'own_activity')]
class OwnActivityEntity
{
    #[ORM\Version]
    #[ORM\Column(type: Types::INTEGER)]
    public int $version = 1;

    /** @param array<array-key, mixed> $data */
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 40)]
        public readonly string $id,
        #[ORM\Column(type: Types::JSON)]
        public array $data,
    ) {
    }
}
