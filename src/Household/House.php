<?php

declare(strict_types=1);

namespace Pindle\App\Household;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;

/** What holds for the whole house. */
final readonly class House
{
    public function __construct(private EntityManagerInterface $entities, private Changes $changes)
    {
    }

    /** @return array<string, string> setting => answer, where the house has chosen one */
    public function settings(): array
    {
        return $this->kept()->settings ?? [];
    }

    /** Counts its changes; 0 before the first. */
    public function version(): int
    {
        return $this->kept()->version ?? 0;
    }

    /**
     * @param array<string, string> $settings setting => answer
     * @param int                   $version  the parent saw
     */
    public function change(array $settings, int $version): void
    {
        $house = $this->kept();
        if (null !== $house) {
            $this->entities->lock($house, LockMode::OPTIMISTIC, $version);
        }
        $this->changes->make(function () use ($house, $settings): void {
            $house ??= new HouseEntity();
            $house->settings = $settings;
            $this->entities->persist($house);
        });
    }

    private function kept(): ?HouseEntity
    {
        return $this->entities->find(HouseEntity::class, HouseEntity::ID);
    }
}
