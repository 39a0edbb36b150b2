<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Week;

/** A child of the week, and the minutes they have on a day of which nothing else is said. */
final readonly class WeekChildView
{
    public function __construct(public string $id, public string $name, public int $thread, public int $ownMinutes, public bool $isPlanned)
    {
    }
}
