<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Week;

/** The week as the screen shows it. */
final readonly class WeekView
{
    /**
     * @param list<WeekChildView> $children
     * @param list<WeekDayView>   $days
     * @param list<UsualDayView>  $usual
     * @param list<RangeView>     $holidays
     * @param list<AwayView>      $away
     * @param string|null         $lowUntil the last day of a low week
     * @param string|null         $back     a word after many days on which nothing was done
     * @param string              $sure     how sure an outlook is
     */
    public function __construct(
        public string $from,
        public string $to,
        public string $today,
        public int $version,
        public bool $canGoBack,
        public array $children,
        public array $days,
        public array $usual,
        public array $holidays,
        public array $away,
        public ?string $lowUntil,
        public ?string $back,
        public string $sure,
        public bool $hasOutlook,
    ) {
    }
}
