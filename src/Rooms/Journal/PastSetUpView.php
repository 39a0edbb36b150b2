<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

use Pindle\App\Plan\SetUpState;

/** Something that was planned, and what became of it. */
final readonly class PastSetUpView
{
    /** @param list<PastSittingView> $children */
    public function __construct(
        public string $id,
        public string $name,
        public int $start,
        public int $minutes,
        public SetUpState $state,
        public string $note,
        public array $children,
    ) {
    }
}
