<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

/** Minutes of one child. */
final readonly class MinutesView
{
    public function __construct(public string $childId, public int $minutes)
    {
    }
}
