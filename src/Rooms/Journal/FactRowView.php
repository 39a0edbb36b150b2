<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

/** The facts of one first number; null where the square has none. */
final readonly class FactRowView
{
    /** @param list<FactView|null> $facts by second number from 0 */
    public function __construct(public int $first, public array $facts)
    {
    }
}
