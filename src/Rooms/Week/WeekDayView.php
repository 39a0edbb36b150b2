<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Week;

/** A day of the week. */
final readonly class WeekDayView
{
    /**
     * @param list<list<int>>    $windows
     * @param array<string, int> $minutes  child id => said for that day
     * @param list<ChildDayView> $children
     * @param string|null        $clock    that the clocks change within its hours
     * @param string|null        $untouched a word for a day that was planned and did not come about
     */
    public function __construct(
        public string $date,
        public string $name,
        public array $windows,
        public array $minutes,
        public Why $why,
        public bool $isOver,
        public bool $isToday,
        public bool $isPlanned,
        public array $children,
        public ?string $clock,
        public ?string $untouched,
    ) {
    }
}
