<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Week;

/** One line of an outlook as it is told: a day, or in the end what it comes to. */
final readonly class OutlookLineView
{
    public function __construct(public ?OutlookDayView $day = null, public ?OutlookEndView $end = null)
    {
    }
}
