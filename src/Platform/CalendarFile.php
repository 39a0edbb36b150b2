<?php

declare(strict_types=1);

namespace Pindle\App\Platform;

use Pindle\Core\Calendar\Filed;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Component\VTimeZone;

/** Writes appointments as a calendar file (RFC 5545) in the household's own zone, with the changes of its clocks beside them. */
final readonly class CalendarFile
{
    private const LOCAL = 'Ymd\THis';

    public function __construct(private Clock $clock)
    {
    }

    /**
     * @param list<Filed> $filed
     * @param int|null    $alarm minutes before each one, at least 0; null for none
     */
    public function write(array $filed, ?int $alarm): string
    {
        // The library was written before PHP 8.2 and says so at every step; nobody here can do anything about it.
        set_error_handler(static fn (): bool => true, \E_DEPRECATED);
        try {
            $calendar = new VCalendar(['PRODID' => '-//Pindle//Pindle//EN', 'METHOD' => 'PUBLISH', 'X-WR-CALNAME' => 'Pindle']);
            $this->addZone($calendar, $filed);
            foreach ($filed as $one) {
                $this->addEvent($calendar, $one, $alarm);
            }

            return $calendar->serialize();
        } finally {
            restore_error_handler();
        }
    }

    private function addEvent(VCalendar $calendar, Filed $filed, ?int $alarm): void
    {
        $appointment = $filed->appointment;
        /** @var VEvent $event */
        $event = $calendar->add('VEVENT', [
            'UID' => $filed->uid,
            'DTSTAMP' => $this->clock->now(),
            'SEQUENCE' => $filed->sequence,
            'SUMMARY' => $appointment->title,
            'STATUS' => null === $filed->cancelled ? 'CONFIRMED' : 'CANCELLED',
            'TRANSP' => null === $filed->cancelled ? 'OPAQUE' : 'TRANSPARENT',
        ]);
        if ('' !== $appointment->notes) {
            $event->add('DESCRIPTION', $appointment->notes);
        }
        foreach (['DTSTART' => $appointment->span->start, 'DTEND' => $appointment->span->end] as $name => $minute) {
            $at = $this->clock->instant($appointment->date->plusDays(intdiv($minute, 1440)), $minute % 1440)->setTimezone($this->clock->zone);
            $event->add($name, $at->format(self::LOCAL), ['TZID' => $this->clock->zone->getName()]);
        }
        if (null !== $alarm && null === $filed->cancelled) {
            $event->add('VALARM', ['ACTION' => 'DISPLAY', 'DESCRIPTION' => $appointment->title, 'TRIGGER' => \sprintf('-PT%dM', $alarm)]);
        }
    }

    /**
     * Every change of the clocks in the time the appointments lie in, and how they stand before the first.
     *
     * @param list<Filed> $filed
     */
    private function addZone(VCalendar $calendar, array $filed): void
    {
        $days = array_map(static fn (Filed $one): int => $one->appointment->date->toDateTime()->getTimestamp(), $filed);
        $days = [] === $days ? [$this->clock->now()->getTimestamp()] : $days;
        $transitions = $this->clock->zone->getTransitions(min($days) - 86_400, max($days) + 2 * 86_400) ?: [];
        /** @var VTimeZone $zone */
        $zone = $calendar->add('VTIMEZONE', ['TZID' => $this->clock->zone->getName()]);
        $before = $transitions[0]['offset'] ?? 0;
        foreach ($transitions as $one) {
            $zone->add($calendar->createComponent($one['isdst'] ? 'DAYLIGHT' : 'STANDARD', [
                // By the clock as it stood until then.
                'DTSTART' => gmdate(self::LOCAL, $one['ts'] + $before),
                'TZOFFSETFROM' => self::offset($before),
                'TZOFFSETTO' => self::offset($one['offset']),
                'TZNAME' => $one['abbr'],
            ]));
            $before = $one['offset'];
        }
    }

    private static function offset(int $seconds): string
    {
        $minutes = intdiv(abs($seconds), 60);

        return \sprintf('%s%02d%02d', $seconds < 0 ? '-' : '+', intdiv($minutes, 60), $minutes % 60);
    }
}
