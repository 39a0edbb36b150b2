<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

/** What was done instead of the plan, in the parent's own words. */
final readonly class InsteadView
{
    /** @param list<string> $childIds */
    public function __construct(public string $words, public array $childIds)
    {
    }
}
