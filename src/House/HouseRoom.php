<?php

declare(strict_types=1);

namespace Pindle\App\House;

use Doctrine\ORM\EntityManagerInterface;

/** The door of this room: what holds for the whole house. */
final readonly class HouseRoom
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    /** @return array<string, string> setting => answer, where the house has chosen one */
    public function settings(): array
    {
        return $this->entities->find(HouseEntity::class, HouseEntity::ID)->settings ?? [];
    }
}
