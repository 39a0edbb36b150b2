<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

/** One part of the secure rule: how much of it is there and how much is wanted. */
final readonly class Clause
{
    /** @param int|null $outOf size of the window, where the clause counts inside one */
    public function __construct(
        public ClauseKind $kind,
        public int $has,
        public int $wants,
        public ?int $outOf = null,
    ) {
    }

    public function isMet(): bool
    {
        return $this->has >= $this->wants;
    }
}
