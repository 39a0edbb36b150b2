<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\House;

/** What was found. */
final readonly class FoundsView
{
    /** @param list<FoundView> $found best first */
    public function __construct(public array $found)
    {
    }
}
