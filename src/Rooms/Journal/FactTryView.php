<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

/** One try at a fact. */
final readonly class FactTryView
{
    public function __construct(
        public string $day,
        public string $called,
        public string $outcome,
        public ?string $method,
        public ?string $slip,
        public string $activity,
    ) {
    }
}
