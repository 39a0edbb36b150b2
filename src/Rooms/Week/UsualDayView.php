<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Week;

/** How a weekday is used as a rule. */
final readonly class UsualDayView
{
    /**
     * @param int                $weekday 1 (Monday) to 7
     * @param list<list<int>>    $windows
     * @param array<string, int> $minutes child id => where not their own
     */
    public function __construct(public int $weekday, public string $name, public array $windows, public array $minutes)
    {
    }
}
