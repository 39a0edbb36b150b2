<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

/** One part of the secure rule: how much of it is there, how much is wanted, and whether that is met. */
final readonly class Clause
{
    /** @param int|null $outOf size of the window, where the clause counts inside one */
    public function __construct(
        public ClauseKind $kind,
        public int $has,
        public int $wants,
        public ?int $outOf,
        public bool $met,
    ) {
    }

    public static function atLeast(ClauseKind $kind, int $has, int $wants, ?int $outOf = null): self
    {
        return new self($kind, $has, $wants, $outOf, $has >= $wants);
    }
}
