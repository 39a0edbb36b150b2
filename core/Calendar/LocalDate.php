<?php

declare(strict_types=1);

namespace Pindle\Core\Calendar;

/** A day on the household's own wall calendar, without a time or a zone. Equal days have equal day numbers. */
final readonly class LocalDate
{
    /** @param int $dayNumber whole days since 1970-01-01 */
    private function __construct(public int $dayNumber)
    {
    }

    /** @throws InvalidDate when the text is not a real day written YYYY-MM-DD */
    public static function parse(string $text): self
    {
        $date = \DateTimeImmutable::createFromFormat('!Y-m-d', $text, new \DateTimeZone('UTC'));
        if (false === $date || $date->format('Y-m-d') !== $text) {
            throw InvalidDate::notADay($text);
        }

        return new self(intdiv($date->getTimestamp(), 86400));
    }

    public static function fromDayNumber(int $dayNumber): self
    {
        return new self($dayNumber);
    }

    /** The day that an instant falls on in a zone. */
    public static function at(\DateTimeInterface $instant, \DateTimeZone $zone): self
    {
        return self::parse(\DateTimeImmutable::createFromInterface($instant)->setTimezone($zone)->format('Y-m-d'));
    }

    public function plusDays(int $days): self
    {
        return new self($this->dayNumber + $days);
    }

    /** Whole days from this day to the other; negative when the other is earlier. */
    public function daysUntil(self $other): int
    {
        return $other->dayNumber - $this->dayNumber;
    }

    public function isAfter(self $other): bool
    {
        return $this->dayNumber > $other->dayNumber;
    }

    /** 1 (Monday) to 7 (Sunday), as ISO 8601 counts them. */
    public function weekday(): int
    {
        // 1970-01-01 was a Thursday.
        return (($this->dayNumber + 3) % 7 + 7) % 7 + 1;
    }

    /** The Monday of the same week. */
    public function monday(): self
    {
        return $this->plusDays(1 - $this->weekday());
    }

    /** Whole months from this day to the other, as ages are counted; negative when the other is earlier. */
    public function monthsUntil(self $other): int
    {
        if ($this->dayNumber > $other->dayNumber) {
            return -$other->monthsUntil($this);
        }
        [$months, $day] = $this->monthsAndDay();
        [$later, $last] = $other->monthsAndDay();

        // DateTimeInterface::diff has 72 months from 30 January 1984 to 1 March 1990.
        return $later - $months - ($last < $day ? 1 : 0);
    }

    /** @return array{int, int} months since the year nought, and the day of the month */
    private function monthsAndDay(): array
    {
        $date = (int) gmdate('Ymd', $this->dayNumber * 86400);

        return [12 * intdiv($date, 10_000) + intdiv($date, 100) % 100, $date % 100];
    }

    public function toDateTime(): \DateTimeImmutable
    {
        return new \DateTimeImmutable('@'.($this->dayNumber * 86400));
    }

    public function toString(): string
    {
        return gmdate('Y-m-d', $this->dayNumber * 86400);
    }
}
