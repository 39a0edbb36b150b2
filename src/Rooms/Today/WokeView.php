<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

/** Someone woke: what to do in the same second, and the day as it is now. */
final readonly class WokeView
{
    /** @param list<WokenView> $atTable */
    public function __construct(public array $atTable, public DayView $day)
    {
    }
}
