<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

/** A thing to fetch, how many, and how it looks. */
final readonly class BringView
{
    /** @param string $picture SVG */
    public function __construct(
        public string $thingId,
        public string $name,
        public int $count,
        public string $picture,
    ) {
    }
}
