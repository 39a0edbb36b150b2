<?php

declare(strict_types=1);

namespace Pindle\Core\Journal;

use Pindle\Core\Calendar\DayRange;
use Pindle\Core\Calendar\LocalDate;

/** The day a year of the house begins, by month and day: the 1st of September where nobody said another. */
final readonly class YearStart
{
    /** The last day of a month that every year has. */
    public const LAST_DAY = 28;

    /**
     * @param int $month 1 to 12
     * @param int $day   1 to 28
     *
     * @throws InvalidYear
     */
    public function __construct(public int $month = 9, public int $day = 1)
    {
        if ($month < 1 || $month > 12 || $day < 1 || $day > self::LAST_DAY) {
            throw InvalidYear::start($month, $day);
        }
    }

    /** The year of the house that a day is in: from its first to its last day. */
    public function yearOf(LocalDate $day): DayRange
    {
        $year = (int) substr($day->toString(), 0, 4);
        $begins = $this->in($year);

        return new DayRange(
            $begins->isAfter($day) ? $this->in($year - 1) : $begins,
            ($begins->isAfter($day) ? $begins : $this->in($year + 1))->plusDays(-1),
        );
    }

    private function in(int $year): LocalDate
    {
        return LocalDate::parse(\sprintf('%04d-%02d-%02d', $year, $this->month, $this->day));
    }
}
