<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Week;

/** A day as it will likely be. */
final readonly class OutlookDayView
{
    /**
     * @param bool                  $isPlanned whether it is planned in full
     * @param bool                  $isHeavy   whether it wants much of the parent
     * @param list<LikelyChildView> $children
     */
    public function __construct(public string $date, public bool $isPlanned, public int $withMinutes, public bool $isHeavy, public array $children)
    {
    }
}
