<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

/** What could be done instead of something planned, best first. */
final readonly class SwapsView
{
    /** @param list<SwapView> $swaps */
    public function __construct(public array $swaps)
    {
    }
}
