<?php

declare(strict_types=1);

namespace Pindle\App\Platform;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;

/** The house's clock: the household's own zone, and a fixed day for demo, tests and pictures. Core gets its values, never the clock. */
final readonly class Clock
{
    public \DateTimeZone $zone;

    /** @throws \Pindle\Core\Calendar\InvalidDate when the fixed day is not a day */
    public function __construct(private string $fixedToday, string $zoneName)
    {
        $this->zone = new \DateTimeZone('' === $zoneName ? date_default_timezone_get() : $zoneName);
        if ('' !== $fixedToday) {
            LocalDate::parse($fixedToday);
        }
    }

    public static function isZone(string $name): bool
    {
        return \in_array($name, \DateTimeZone::listIdentifiers(\DateTimeZone::ALL_WITH_BC), true);
    }

    /** Now, in UTC; the time of day runs on even when the day is fixed. */
    public function now(): \DateTimeImmutable
    {
        $now = new \DateTimeImmutable('now', $this->zone);
        if ('' !== $this->fixedToday) {
            $now = new \DateTimeImmutable($this->fixedToday.' '.$now->format('H:i:s.u'), $this->zone);
        }

        return $now->setTimezone(new \DateTimeZone('UTC'));
    }

    /** Now by the machine's own clock, in milliseconds since 1970, also where the day is fixed: what a device's clock is held against. */
    public function milliseconds(): int
    {
        return (int) (new \DateTimeImmutable())->format('Uv');
    }

    /** The house's instant for what a device's own clock said, in milliseconds since 1970: the same, but for the days between today and a fixed day. */
    public function fromDevice(int $milliseconds): \DateTimeImmutable
    {
        $at = new \DateTimeImmutable(\sprintf('@%d.%03d', intdiv($milliseconds, 1000), $milliseconds % 1000));
        if ('' === $this->fixedToday) {
            return $at;
        }
        $away = LocalDate::at(new \DateTimeImmutable(), $this->zone)->daysUntil(LocalDate::parse($this->fixedToday));

        return $at->modify(\sprintf('%+d days', $away));
    }

    public function today(): LocalDate
    {
        return $this->dayOf($this->now());
    }

    public function dayOf(\DateTimeInterface $instant): LocalDate
    {
        return LocalDate::at($instant, $this->zone);
    }

    /** The instant of a minute of a day in the household's zone, in UTC. */
    public function instant(LocalDate $day, int $minute): \DateTimeImmutable
    {
        return (new \DateTimeImmutable(
            \sprintf('%s %02d:%02d', $day->toString(), intdiv($minute, 60), $minute % 60),
            $this->zone,
        ))->setTimezone(new \DateTimeZone('UTC'));
    }

    /** Minutes that pass between two times on the wall of a day: others than the wall says where the clocks change in between. At least 0. */
    public function lasts(LocalDate $day, Span $span): int
    {
        $at = fn (int $minute): int => $this->instant($day->plusDays(intdiv($minute, 1440)), $minute % 1440)->getTimestamp();

        return max(0, intdiv($at($span->end) - $at($span->start), 60));
    }
}
