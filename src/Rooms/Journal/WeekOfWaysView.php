<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

/** How often each way was tapped in a week. */
final readonly class WeekOfWaysView
{
    /** @param array<string, int> $ways way => how often */
    public function __construct(public string $monday, public array $ways)
    {
    }
}
