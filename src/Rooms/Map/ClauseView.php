<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Map;

/** One part of the secure rule in words. */
final readonly class ClauseView
{
    public function __construct(
        public string $words,
        public bool $met,
    ) {
    }
}
