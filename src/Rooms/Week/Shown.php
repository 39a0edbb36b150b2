<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Week;

use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Http\Refusal;
use Pindle\Core\Calendar\InvalidDate;
use Pindle\Core\Calendar\LocalDate;

/** Days as they are asked for in this room. */
final readonly class Shown
{
    /** So far from today weeks can be looked at, and holidays be entered. */
    private const FAR = 366;

    public function __construct(private Clock $clock)
    {
    }

    /** @throws Refusal 422 when it is no day, or too far away */
    public function day(?string $day): LocalDate
    {
        return null === $day ? $this->clock->today() : $this->date($day, 'day');
    }

    /** @throws Refusal 422 when it is no day, or too far away */
    public function date(string $day, string $field): LocalDate
    {
        try {
            $date = LocalDate::parse($day);
        } catch (InvalidDate) {
            throw Refusal::invalid($field, 'A day is written as 2026-03-01.');
        }
        if (abs($this->clock->today()->daysUntil($date)) > self::FAR) {
            throw Refusal::invalid($field, 'Weeks go from a year ago to a year from now.');
        }

        return $date;
    }
}
