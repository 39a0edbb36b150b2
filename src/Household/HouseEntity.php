<?php

declare(strict_types=1);

namespace Pindle\App\Household;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** What holds for the whole house. There is one row. */
#[ORM\Entity]
#[ORM\Table(name: 'house')]
class HouseEntity
{
    public const ID = 1;

    #[ORM\Id]
    #[ORM\Column]
    public readonly int $id;

    /** @var array<string, string> setting => answer, where the house has chosen one */
    #[ORM\Column(type: Types::JSON)]
    public array $settings = [];

    #[ORM\Version]
    #[ORM\Column(type: Types::INTEGER)]
    public int $version = 1;

    public function __construct()
    {
        $this->id = self::ID;
    }
}
