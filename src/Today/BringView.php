<?php

declare(strict_types=1);

namespace Pindle\App\Today;

/** A thing to fetch, and how many. */
final readonly class BringView
{
    public function __construct(
        public string $thingId,
        public string $name,
        public int $count,
        public string $glyph,
    ) {
    }
}
