<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\TestCase;
use Pindle\Core\Calendar\Appointment;
use Pindle\Core\Calendar\Filed;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;

final class FiledTest extends TestCase
{
    private static int $uids = 0;

    public function test_what_is_new_gets_an_id_and_what_stays_keeps_its_own(): void
    {
        $first = self::after([], [self::at('03-05'), self::at('03-06')], '03-04');
        self::assertCount(2, array_unique(array_map(static fn (Filed $one): string => $one->uid, $first)));
        self::assertSame([0, 0], array_map(static fn (Filed $one): int => $one->sequence, $first));

        self::assertEquals($first, self::after($first, [self::at('03-05'), self::at('03-06')], '03-04'));
    }

    public function test_every_change_counts_up(): void
    {
        $first = self::after([], [self::at('03-05')], '03-04');
        foreach ([self::at('03-05', 545), self::at('03-05', 540, 'Other'), self::at('03-05', notes: 'Corks'), self::at('03-05', 540, until: 581)] as $changed) {
            [$one] = self::after($first, [$changed], '03-04');
            self::assertSame([$first[0]->uid, 1], [$one->uid, $one->sequence]);
            self::assertSame(2, self::after([$one], [self::at('03-05')], '03-04')[0]->sequence, 'and back again');
        }
    }

    public function test_what_is_off_is_told_for_thirty_days_and_then_dropped(): void
    {
        $first = self::after([], [self::at('03-05')], '03-04');
        [$off] = self::after($first, [], '03-04');
        self::assertSame([1, '2026-03-04'], [$off->sequence, $off->cancelled?->toString()]);

        self::assertEquals([$off], self::after([$off], [], '03-05'), 'once');
        self::assertEquals([$off], self::after([$off], [], '04-03'), 'the thirtieth day');
        self::assertTrue($off->isTold(LocalDate::parse('2026-04-03')));
        self::assertSame([], self::after([$off], [], '04-04'));
    }

    public function test_what_was_off_may_be_on_again(): void
    {
        $first = self::after([], [self::at('03-08')], '03-04');
        [$on] = self::after(self::after($first, [], '03-05'), [self::at('03-08')], '03-06');

        self::assertSame([$first[0]->uid, 2, null], [$on->uid, $on->sequence, $on->cancelled]);
    }

    public function test_what_is_over_is_not_called_off_and_not_told_again(): void
    {
        $first = self::after([], [self::at('03-04')], '03-04');
        self::assertTrue($first[0]->isTold(LocalDate::parse('2026-03-04')));
        self::assertFalse($first[0]->isTold(LocalDate::parse('2026-03-05')));
        self::assertEquals($first, self::after($first, [], '03-05'));
        self::assertEquals($first, self::after($first, [], '04-03'));
        self::assertSame([], self::after($first, [], '04-04'), 'thirty days on nobody needs it');
        self::assertNotNull(self::after($first, [], '03-04')[0]->cancelled, 'today is not over');
    }

    /**
     * @param list<Filed>       $before
     * @param list<Appointment> $now
     *
     * @return list<Filed>
     */
    private static function after(array $before, array $now, string $today): array
    {
        return Filed::after($before, $now, LocalDate::parse('2026-'.$today), static fn (): string => 'uid-'.++self::$uids);
    }

    private static function at(string $day, int $start = 540, string $title = 'Maths', int $until = 580, string $notes = ''): Appointment
    {
        return new Appointment($day.' 0', LocalDate::parse('2026-'.$day), new Span($start, $until), $title, $notes);
    }
}
