<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

use Pindle\Core\Planning\ChildState;

/** A piece of a thread: sit, free, beside or asleep; from and to in minutes after midnight. */
final readonly class StretchView
{
    public function __construct(
        public ChildState $state,
        public int $start,
        public int $end,
        public ?string $setUpId,
    ) {
    }
}
