<?php

declare(strict_types=1);

namespace Pindle\App\Today;

/** So many of one thing. */
final readonly class LaidView
{
    public function __construct(
        public string $thingId,
        public string $name,
        public int $count,
        public string $glyph,
    ) {
    }
}
