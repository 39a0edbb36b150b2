<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

use Sabre\VObject\Component;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Reader;

/** What is given to a calendar outside, read back by a strict parser. Today is Wednesday, 4 March 2026, in London. */
final class CalendarTest extends ApiTestCase
{
    public function test_the_hours_are_given_across_a_change_of_the_clocks(): void
    {
        $this->addChild('Wim', '2021-06-01');
        $this->addChild('Mika', '2020-06-01');
        foreach ([6, 7] as $weekday) {
            $this->off($weekday);
        }
        $calendar = $this->calendar(['weeks' => 4, 'alarm' => 10]);
        $events = self::events($calendar);

        self::assertCount(40, $events, 'two times on twenty days');
        foreach (['20260327T090000' => '09:00', '20260330T090000' => '08:00'] as $local => $utc) {
            $start = self::at($events, $local)->select('DTSTART')[0];
            self::assertSame('Europe/London', (string) $start['TZID']);
            self::assertSame($utc, $start->getDateTime()->setTimezone(new \DateTimeZone('UTC'))->format('H:i'));
        }
        foreach ($events as $event) {
            self::assertSame('Maths with Wim and Mika', self::says($event, 'SUMMARY'));
            self::assertSame('-PT10M', self::says($event->select('VALARM')[0], 'TRIGGER'));
        }
        $daylight = $calendar->select('VTIMEZONE')[0]->select('DAYLIGHT')[0];
        self::assertSame(
            ['20260329T010000', '+0000', '+0100', 'BST'],
            array_map(static fn (string $name): string => self::says($daylight, $name), ['DTSTART', 'TZOFFSETFROM', 'TZOFFSETTO', 'TZNAME']),
        );
        self::assertCount(1, $calendar->select('VTIMEZONE')[0]->select('STANDARD'), 'how the clocks stand before');
    }

    public function test_giving_it_again_changes_what_is_there(): void
    {
        $wim = $this->addChild('Wim', '2021-06-01');
        $uids = static fn (array $events): array => array_map(static fn (VEvent $event): string => self::says($event, 'UID'), $events);
        $file = fn (): array => self::events($this->calendar(['weeks' => 1]));
        $first = $file();
        self::assertCount(14, $first);
        self::assertSame($uids($first), $uids($file()));
        self::assertSame([], $first[0]->select('VALARM'), 'no alarm unless it is wanted');

        $this->ask('POST', '/week/holidays', ['from' => '2026-03-06', 'to' => '2026-03-06', 'version' => 0]);
        $this->ask('PUT', '/week/days/2026-03-05', ['windows' => [[545, 580], [780, 805]], 'version' => 1]);
        $this->ask('POST', '/week/away/'.$wim, ['from' => '2026-03-07', 'to' => '2026-03-07', 'version' => 2]);
        $then = $file();
        self::assertEqualsCanonicalizing($uids($first), $uids($then));
        $told = static fn (string $at): array => [self::says(self::at($then, $at), 'STATUS'), self::says(self::at($then, $at), 'SEQUENCE')];
        self::assertSame(['CONFIRMED', '0'], $told('20260304T090000'));
        self::assertSame(['CONFIRMED', '1'], $told('20260305T090500'));
        self::assertSame(['CONFIRMED', '0'], $told('20260305T130000'));
        self::assertSame(['CANCELLED', '1'], $told('20260306T090000'));
        self::assertSame('Maths at the table', self::says(self::at($then, '20260307T090000'), 'SUMMARY'));
        self::assertEqualsCanonicalizing($uids($first), $uids($file()), 'what is off is told again');
    }

    public function test_what_was_given_for_a_day_further_off_is_kept_true(): void
    {
        $this->addChild('Wim', '2021-06-01');
        self::events($this->calendar(['weeks' => 2]));
        $this->ask('POST', '/week/holidays', ['from' => '2026-03-16', 'to' => '2026-03-16', 'version' => 0]);
        $events = self::events($this->calendar(['weeks' => 1]));

        self::assertCount(28, $events);
        self::assertSame('CANCELLED', self::says(self::at($events, '20260316T090000'), 'STATUS'));
    }

    public function test_what_is_planned_in_full_may_be_given_activity_by_activity(): void
    {
        $setUp = $this->plannedHouse();
        $events = self::events($this->calendar(['weeks' => 1, 'setUps' => true]));
        $today = array_values(array_filter($events, static fn (VEvent $event): bool => str_starts_with(self::says($event, 'DTSTART'), '20260304')));

        self::assertContains($setUp['name'].' (Wim)', array_map(static fn (VEvent $event): string => self::says($event, 'SUMMARY'), $today));
        self::assertStringStartsWith('Wim: ', self::says($today[0], 'DESCRIPTION'));
        self::assertSame('Maths with Wim', self::says(self::at($events, '20260305T090000'), 'SUMMARY'), 'where nothing is planned the hours stand');
    }

    private function off(int $weekday): void
    {
        $this->ask('PUT', '/week/usual/'.$weekday, ['windows' => [], 'version' => $this->ask('GET', '/week')['version']]);
    }

    /** @param array<string, mixed> $input */
    private function calendar(array $input): VCalendar
    {
        $headers = ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json', 'HTTP_SEC_FETCH_SITE' => 'same-origin'];
        $this->browser->request('POST', '/api/week/calendar', server: $headers, content: json_encode($input, \JSON_THROW_ON_ERROR));
        self::assertResponseIsSuccessful();
        self::assertResponseHeaderSame('Content-Type', 'text/calendar; charset=utf-8');
        set_error_handler(static fn (): bool => true, \E_DEPRECATED);
        try {
            $calendar = Reader::read((string) $this->browser->getResponse()->getContent());
            self::assertSame([], $calendar->validate());
        } finally {
            restore_error_handler();
        }
        self::assertInstanceOf(VCalendar::class, $calendar);

        return $calendar;
    }

    /** @return list<VEvent> */
    private static function events(VCalendar $calendar): array
    {
        return array_values(array_filter($calendar->getComponents(), static fn (mixed $component): bool => $component instanceof VEvent));
    }

    /** @param list<VEvent> $events */
    private static function at(array $events, string $local): VEvent
    {
        foreach ($events as $event) {
            if (self::says($event, 'DTSTART') === $local) {
                return $event;
            }
        }
        self::fail('There is none at '.$local);
    }

    private static function says(Component $of, string $name): string
    {
        return (string) ($of->select($name)[0] ?? '');
    }
}
