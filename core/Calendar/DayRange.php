<?php

declare(strict_types=1);

namespace Pindle\Core\Calendar;

/** Days from one to another, both included; the last is not before the first, and there are at most MOST. */
final readonly class DayRange
{
    /** A year and a day. */
    public const MOST = 366;

    /** @throws InvalidWeek when it ends before it begins, or is longer than a year */
    public function __construct(public LocalDate $from, public LocalDate $to)
    {
        if ($from->isAfter($to)) {
            throw InvalidWeek::backwards($from, $to);
        }
        if ($this->days() > self::MOST) {
            throw InvalidWeek::tooLong($this->days());
        }
    }

    /** How many, at least 1. */
    public function days(): int
    {
        return $this->from->daysUntil($this->to) + 1;
    }

    public function has(LocalDate $day): bool
    {
        return !$this->from->isAfter($day) && !$day->isAfter($this->to);
    }

    public function is(self $other): bool
    {
        return $this->from->dayNumber === $other->from->dayNumber && $this->to->dayNumber === $other->to->dayNumber;
    }
}
