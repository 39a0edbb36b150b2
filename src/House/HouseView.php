<?php

declare(strict_types=1);

namespace Pindle\App\House;

/** The house: today's date, where the family's data lives, and whether this is the demo. */
final readonly class HouseView
{
    public function __construct(
        public string $today,
        public string $zone,
        public string $data,
        public bool $demo,
        public string $version,
    ) {
    }
}
