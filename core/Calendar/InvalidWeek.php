<?php

declare(strict_types=1);

namespace Pindle\Core\Calendar;

/** Days or a week that cannot be. */
final class InvalidWeek extends \InvalidArgumentException
{
    public static function backwards(LocalDate $from, LocalDate $to): self
    {
        return new self(\sprintf('It ends on %s, before it begins on %s.', $to->toString(), $from->toString()));
    }

    public static function tooLong(int $days): self
    {
        return new self(\sprintf('That is %d days; %d at a time are enough, and more can follow.', $days, DayRange::MOST));
    }

    public static function overlap(Span $first, Span $second): self
    {
        return new self(\sprintf('The time from minute %d on begins before the one until minute %d is over.', $second->start, $first->end));
    }

    public static function minutes(int $minutes): self
    {
        return new self(\sprintf('%d minutes of maths a day is not 0, nor %d to %d.', $minutes, DayUse::FEWEST_MINUTES, DayUse::MOST_MINUTES));
    }

    public static function weekday(int $weekday): self
    {
        return new self(\sprintf('Weekday %d is not 1 (Monday) to 7 (Sunday).', $weekday));
    }
}
