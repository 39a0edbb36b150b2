<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Week;

/** One child's day. */
final readonly class ChildDayView
{
    /**
     * @param int                 $minutes they are to have; 0 for none
     * @param list<WeekSetUpView> $setUps  planned in full, or done
     */
    public function __construct(public string $childId, public ?string $absent, public int $minutes, public int $minutesDone, public array $setUps)
    {
    }
}
