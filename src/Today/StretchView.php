<?php

declare(strict_types=1);

namespace Pindle\App\Today;

/** A piece of a thread: sit, free, beside or asleep; from and to in minutes after midnight. */
final readonly class StretchView
{
    public function __construct(
        public string $state,
        public int $start,
        public int $end,
        public ?string $setUpId,
    ) {
    }
}
