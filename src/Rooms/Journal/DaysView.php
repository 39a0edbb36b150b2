<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

/** Days of the journal, newest first. */
final readonly class DaysView
{
    /**
     * @param list<WhoView>   $children
     * @param list<PastDayView> $days
     * @param string|null     $before where the next page begins; null where there is none
     */
    public function __construct(public string $today, public array $children, public array $days, public ?string $before)
    {
    }
}
