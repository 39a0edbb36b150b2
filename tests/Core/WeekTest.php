<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Pindle\Core\Calendar\DayRange;
use Pindle\Core\Calendar\DayUse;
use Pindle\Core\Calendar\InvalidWeek;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Calendar\Week;

final class WeekTest extends TestCase
{
    public function test_a_day_knows_its_place_in_the_week(): void
    {
        self::assertSame(1, LocalDate::parse('2026-03-02')->weekday(), 'a Monday');
        self::assertSame(7, LocalDate::parse('2026-03-08')->weekday());
        self::assertSame(4, LocalDate::parse('1970-01-01')->weekday());
        self::assertSame(3, LocalDate::parse('1969-12-31')->weekday());
        self::assertSame(7, LocalDate::parse('1969-12-28')->weekday());
        self::assertSame('2026-03-02', LocalDate::parse('2026-03-08')->monday()->toString());
        self::assertSame('2026-03-02', LocalDate::parse('2026-03-02')->monday()->toString());
    }

    public function test_what_was_said_of_a_day_goes_before_a_holiday_and_that_before_the_rule(): void
    {
        $short = new DayUse([new Span(600, 620)]);
        $week = self::week()->resting(self::range('03-03', '03-05'))->usingOnce(LocalDate::parse('2026-03-04'), $short);

        self::assertEquals(self::use(), $week->on(LocalDate::parse('2026-03-02')));
        self::assertTrue($week->on(LocalDate::parse('2026-03-03'))->isOff());
        self::assertEquals($short, $week->on(LocalDate::parse('2026-03-04')));
        self::assertTrue($week->on(LocalDate::parse('2026-03-05'))->isOff());
        self::assertFalse($week->on(LocalDate::parse('2026-03-06'))->isOff(), 'the day after');
        self::assertTrue($week->on(LocalDate::parse('2026-03-07'))->isOff(), 'a Saturday has no rule');
        self::assertEquals(self::use(), $week->usual[3], 'the rule stays as it was');
        self::assertTrue($week->usingOnce(LocalDate::parse('2026-03-04'), null)->on(LocalDate::parse('2026-03-04'))->isOff());
    }

    public function test_a_holiday_makes_what_was_said_of_its_days_forgotten(): void
    {
        $week = self::week();
        foreach (['2026-03-03', '2026-03-04', '2026-03-06'] as $day) {
            $week = $week->usingOnce(LocalDate::parse($day), new DayUse([new Span(600, 620)]));
        }
        $resting = $week->resting(self::range('03-04', '03-05'));

        self::assertSame(['2026-03-03', '2026-03-06'], array_keys($resting->once));
        self::assertEquals($resting->once, $resting->notResting(self::range('03-04', '03-05'))->once);
        self::assertSame([], $resting->notResting(self::range('03-04', '03-05'))->holidays);
        self::assertNotSame([], $resting->notResting(self::range('03-04', '03-06'))->holidays, 'there is no such holiday');
    }

    public function test_holidays_that_touch_are_one(): void
    {
        $week = self::week()->resting(self::range('03-10', '03-12'))->resting(self::range('03-02', '03-03'));
        self::assertEquals([self::range('03-02', '03-03'), self::range('03-10', '03-12')], $week->holidays);
        self::assertEquals([self::range('03-02', '03-04'), self::range('03-10', '03-12')], $week->resting(self::range('03-04', '03-04'))->holidays);
        self::assertEquals([self::range('03-02', '03-03'), self::range('03-05', '03-05'), self::range('03-10', '03-12')], $week->resting(
            self::range('03-05', '03-05'),
        )->holidays);
        self::assertEquals([self::range('03-02', '03-03'), self::range('03-09', '03-12')], $week->resting(self::range('03-09', '03-09'))->holidays);
        self::assertEquals([self::range('03-02', '03-12')], $week->resting(self::range('03-03', '03-11'))->holidays);
        self::assertEquals([self::range('03-01', '03-31')], $week->resting(self::range('03-01', '03-31'))->holidays);
    }

    public function test_a_child_is_away_from_the_first_day_to_the_last(): void
    {
        $week = self::week()->sending('lark', self::range('03-04', '03-05'));

        self::assertFalse($week->isAway('lark', LocalDate::parse('2026-03-03')));
        self::assertTrue($week->isAway('lark', LocalDate::parse('2026-03-04')));
        self::assertTrue($week->isAway('lark', LocalDate::parse('2026-03-05')));
        self::assertFalse($week->isAway('lark', LocalDate::parse('2026-03-06')));
        self::assertFalse($week->isAway('tern', LocalDate::parse('2026-03-04')));
        self::assertSame([], $week->notSending('lark', self::range('03-04', '03-05'))->away);
    }

    public function test_what_is_over_is_forgotten_and_the_rule_is_not(): void
    {
        $week = self::week()
            ->resting(self::range('02-01', '03-03'))->resting(self::range('03-05', '03-06'))
            ->sending('lark', self::range('03-01', '03-03'))->sending('tern', self::range('03-01', '03-04'))
            ->usingOnce(LocalDate::parse('2026-03-04'), DayUse::off());
        $since = $week->since(LocalDate::parse('2026-03-04'));

        self::assertEquals([self::range('03-05', '03-06')], $since->holidays);
        self::assertEquals(['tern' => [self::range('03-01', '03-04')]], $since->away);
        self::assertSame(['2026-03-04'], array_keys($since->once));
        self::assertSame([], $since->since(LocalDate::parse('2026-03-05'))->once);
        self::assertEquals($week->usual, $since->usual);
    }

    public function test_a_day_off_that_is_wanted_after_all_has_the_hours_of_the_first_day_that_has_some(): void
    {
        self::assertEquals([new Span(600, 620)], (new Week([7 => self::use(), 2 => new DayUse([new Span(600, 620)]), 1 => DayUse::off()]))->someWindows());
        self::assertSame([], (new Week([]))->someWindows());
    }

    public function test_the_windows_of_a_day_lie_in_order(): void
    {
        $use = new DayUse([new Span(780, 805), new Span(540, 580)]);

        self::assertEquals([new Span(540, 580), new Span(780, 805)], $use->windows);
        self::assertCount(2, (new DayUse([new Span(540, 580), new Span(580, 600)]))->windows, 'they may touch');
    }

    public function test_windows_do_not_overlap(): void
    {
        $this->expectException(InvalidWeek::class);
        new DayUse([new Span(579, 600), new Span(540, 580)]);
    }

    #[TestWith([0, true])]
    #[TestWith([4, false])]
    #[TestWith([5, true])]
    #[TestWith([60, true])]
    #[TestWith([61, false])]
    #[TestWith([-1, false])]
    public function test_a_child_has_five_to_sixty_minutes_or_none(int $minutes, bool $may): void
    {
        if (!$may) {
            $this->expectException(InvalidWeek::class);
        }
        self::assertSame(['lark' => $minutes], (new DayUse([], ['lark' => $minutes]))->minutes);
    }

    public function test_days_do_not_end_before_they_begin_nor_last_longer_than_a_year(): void
    {
        self::assertSame(1, self::range('03-04', '03-04')->days());
        self::assertSame(366, (new DayRange(LocalDate::parse('2026-03-04'), LocalDate::parse('2027-03-04')))->days());
        foreach ([['2026-03-04', '2026-03-03'], ['2026-03-04', '2027-03-05']] as [$from, $to]) {
            try {
                new DayRange(LocalDate::parse($from), LocalDate::parse($to));
                self::fail($from.' to '.$to);
            } catch (InvalidWeek $e) {
                self::assertSame('2027-03-05' === $to ? 'too-long' : 'backwards', $e->reason);
                self::assertSame('2027-03-05' === $to ? 367 : null, $e->values['days'] ?? null);
            }
        }
    }

    #[TestWith([0])]
    #[TestWith([8])]
    public function test_there_are_seven_weekdays(int $weekday): void
    {
        $this->expectException(InvalidWeek::class);
        self::week()->using($weekday, self::use());
    }

    private static function week(): Week
    {
        return new Week(array_fill_keys([1, 2, 3, 4, 5], self::use()));
    }

    private static function use(): DayUse
    {
        return new DayUse([new Span(540, 580), new Span(780, 805)]);
    }

    private static function range(string $from, string $to): DayRange
    {
        return new DayRange(LocalDate::parse('2026-'.$from), LocalDate::parse('2026-'.$to));
    }
}
