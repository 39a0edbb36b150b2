<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Pindle\Core\Activity\Activity;
use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Place;
use Pindle\Core\Advice\Reason;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Child\Child;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Planning\ChildState;
use Pindle\Core\Planning\Course;
use Pindle\Core\Planning\Day;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Planning\Sitting;
use Pindle\Core\Planning\Stretch;
use Pindle\Tests\Make;

/** The rules of time and hands, minute by minute; and what a plan is worth. */
final class DayTest extends TestCase
{
    public function test_starts_are_tried_every_five_minutes_from_the_start_of_each_window(): void
    {
        $day = self::day([self::big('Maren')], new Span(541, 560), new Span(780, 800));

        self::assertEquals(new Span(541, 549), $day->earliest([], [self::big('Maren')], 8, Part::With, Place::Table, self::game()));
        self::assertEquals(
            new Span(546, 554),
            $day->earliest([self::laidOut('a', 538, 542, 'tobin')], [self::big('Maren')], 8, Part::With, Place::Table, self::game()),
        );
        self::assertEquals(
            new Span(780, 790),
            $day->earliest([self::laidOut('a', 541, 551, 'tobin')], [self::big('Maren')], 10, Part::With, Place::Table, self::game()),
            'no start of the first window leaves room',
        );
        self::assertNull($day->earliest([], [self::big('Maren')], 21, Part::With, Place::Table, self::game()));
    }

    public function test_a_set_up_ends_with_its_window(): void
    {
        $day = self::day([self::big('Maren')], new Span(540, 560));

        self::assertEquals(new Span(540, 560), $day->earliest([], [self::big('Maren')], 20, Part::With, Place::Table, self::game()));
        self::assertTrue($day->holds(new Span(540, 560)));
        self::assertFalse($day->holds(new Span(541, 561)));
        self::assertFalse($day->holds(new Span(539, 550)));
    }

    #[TestWith([30, 10])]
    #[TestWith([25, 10])]
    #[TestWith([24, 5])]
    public function test_a_child_rests_between_two_sittings_less_on_a_short_day(int $minutes, int $break): void
    {
        $child = Make::child('Maren', 78, minutes: $minutes);
        $day = self::day([$child], new Span(540, 600));
        $before = [self::laidOut('a', 540, 548, 'maren')];

        self::assertSame($break, Day::breakFor($child, Make::day(0)));
        self::assertTrue($day->allows($before, [$child], new Span(548 + $break, 560 + $break), Part::With, Place::Table, self::game()));
        self::assertFalse($day->allows($before, [$child], new Span(547 + $break, 560 + $break), Part::With, Place::Table, self::game()));
        $other = [self::big('Tobin')];
        self::assertTrue($day->allows($before, $other, new Span(548, 556), Part::With, Place::Table, self::game()), 'another child need not wait');
    }

    public function test_nobody_is_woken(): void
    {
        $lark = Make::child('Lark', 30, [new Span(765, 870)]);
        $day = self::day([$lark], new Span(750, 900));

        self::assertTrue($day->allows([], [$lark], new Span(757, 765), Part::With, Place::Table, self::game()));
        self::assertFalse($day->allows([], [$lark], new Span(758, 766), Part::With, Place::Table, self::game()));
        self::assertFalse($day->allows([], [$lark], new Span(869, 877), Part::With, Place::Table, self::game()));
        self::assertTrue($day->allows([], [$lark], new Span(870, 878), Part::With, Place::Table, self::game()));
    }

    public function test_the_parent_is_in_one_place_with_two_hands(): void
    {
        $day = self::day([self::big('Maren'), self::big('Tobin')], new Span(540, 600));
        $allows = static fn (Part $first, Part $second, int $from, Place $place = Place::Table): bool => $day->allows(
            [self::laidOut('a', 540, 550, 'maren', $first)],
            [self::big('Tobin')],
            new Span($from, $from + 10),
            $second,
            $place,
            self::game(),
        );

        self::assertFalse($allows(Part::With, Part::Alone, 545), 'to start the second the parent has to leave the first');
        self::assertTrue($allows(Part::With, Part::With, 550));
        self::assertTrue($allows(Part::Near, Part::Near, 542), 'two minutes to begin with, then the other');
        self::assertFalse($allows(Part::Near, Part::Near, 541));
        self::assertFalse($allows(Part::Near, Part::Near, 548), 'the last minute is the parent\'s too');
        self::assertTrue($allows(Part::Alone, Part::With, 541), 'one minute to begin what is done alone');
        self::assertFalse($allows(Part::Alone, Part::With, 540));
        self::assertFalse($allows(Part::Near, Part::Near, 542, Place::Outdoors), 'nobody is near two places at once');
        self::assertTrue($allows(Part::Alone, Part::Near, 542, Place::Outdoors));
        self::assertTrue($allows(Part::Near, Part::Near, 542, Place::Anywhere));
    }

    public function test_a_short_set_up_nearby_takes_all_of_the_parent(): void
    {
        self::assertEquals([new Span(540, 543)], Part::Near->busy(new Span(540, 543)));
        self::assertEquals([new Span(540, 542), new Span(543, 544)], Part::Near->busy(new Span(540, 544)));
    }

    public function test_a_little_one_plays_beside_for_a_quarter_of_an_hour_at_most(): void
    {
        [$maren, $lark] = [self::big('Maren'), Make::child('Lark', 30)];
        $day = self::day([$maren, $lark], new Span(540, 600));

        self::assertTrue($day->allows([], [$maren], new Span(540, 555), Part::With, Place::Table, self::game()));
        self::assertFalse($day->allows([], [$maren], new Span(540, 556), Part::With, Place::Table, self::game()));
        self::assertTrue($day->allows([], [$maren, $lark], new Span(540, 556), Part::With, Place::Table, self::game()), 'who sits is in company');
        self::assertTrue($day->allows([self::laidOut('a', 550, 556, 'lark')], [$maren], new Span(561, 571), Part::With, Place::Table, self::game()));
        self::assertFalse($day->allows([self::laidOut('a', 550, 556, 'lark')], [$maren], new Span(562, 572), Part::With, Place::Table, self::game()));
        self::assertTrue(
            self::day(
                [$maren, Make::child('Four', 48)],
                new Span(540, 600),
            )->allows([], [$maren], new Span(540, 570), Part::With, Place::Table, self::game()),
            'from four on a child may be alone',
        );
    }

    public function test_what_breaks_the_rule_already_is_not_held_against_what_adds_nothing_to_it(): void
    {
        [$maren, $lark] = [self::big('Maren'), Make::child('Lark', 30)];
        $day = self::day([$maren, $lark], new Span(540, 600));
        $done = [self::laidOut('done', 570, 576, 'maren')];

        self::assertTrue($day->allows($done, [$lark], new Span(550, 556), Part::With, Place::Table, self::game()), 'thirty-six minutes as it came, fewer now');
        self::assertFalse($day->allows($done, [$maren], new Span(590, 596), Part::With, Place::Table, self::game()), 'fifty-six');
    }

    public function test_everyone_has_a_thread_through_the_used_part_of_each_window(): void
    {
        [$maren, $lark] = [self::big('Maren'), Make::child('Lark', 30, [new Span(552, 560)])];
        $threads = self::day(
            [$maren, $lark],
            new Span(540, 600),
            new Span(780, 800),
        )->threads([self::laidOut('a', 545, 550, 'maren', Part::With), self::laidOut('b', 550, 556, 'maren', Part::Near)]);
        $says = static fn (Stretch $stretch): array => [$stretch->state, $stretch->span->start, $stretch->span->end, $stretch->setUpKey];

        self::assertSame(
            [[ChildState::Free, 540, 545, null], [ChildState::Sit, 545, 550, 'a'], [ChildState::Sit, 550, 556, 'b']],
            array_map($says, $threads['maren']),
        );
        self::assertSame(
            [
                [ChildState::Beside, 540, 545, null],
                [ChildState::Beside, 545, 550, 'a'],
                [ChildState::Beside, 550, 552, null],
                [ChildState::Asleep, 552, 556, null],
            ],
            array_map($says, $threads['lark']),
        );
    }

    #[TestWith(['2020-02-29', '2021-02-28', 11], 'not yet, where there is no 29th')]
    #[TestWith(['2020-02-29', '2021-03-01', 12], 'and the day after')]
    #[TestWith(['2019-12-31', '2020-01-30', 0], 'the day before')]
    #[TestWith(['2019-12-31', '2020-01-31', 1], 'on the day')]
    #[TestWith(['2024-01-30', '2030-03-01', 73], 'as many from the 30th to the 1st as from any other')]
    #[TestWith(['2024-02-29', '2028-02-29', 48], 'leap day to leap day')]
    #[TestWith(['2099-12-31', '2100-03-01', 2], 'a century without one')]
    #[TestWith(['2021-06-01', '2021-04-30', -1], 'before')]
    public function test_whole_months_between_two_days(string $from, string $to, int $months): void
    {
        self::assertSame($months, LocalDate::parse($from)->monthsUntil(LocalDate::parse($to)));
    }

    #[TestWith([12, 5, 10])]
    #[TestWith([35, 7, 13])]
    #[TestWith([60, 13, 23])]
    #[TestWith([96, 20, 30])]
    public function test_how_long_a_child_sits_follows_from_the_age(int $months, int $longest, int $minutes): void
    {
        $child = Make::child('Maren', $months);

        self::assertSame([$longest, $minutes], [$child->longestSittingOn(Make::day(0)), $child->minutesOn(Make::day(0))]);
        self::assertSame(
            [9, 33],
            [Make::child('Maren', $months, [], 33, 9)->longestSittingOn(Make::day(0)), Make::child('Maren', $months, [], 33, 9)->minutesOn(Make::day(0))],
        );
    }

    public function test_from_four_on_a_child_may_be_alone_and_a_child_without_a_birth_date_may_not(): void
    {
        self::assertTrue(Make::child('Maren', 48)->mayBeAloneOn(Make::day(0)));
        self::assertFalse(Make::child('Maren', 47)->mayBeAloneOn(Make::day(0)));
        self::assertFalse((new Child('x', 'X', null))->mayBeAloneOn(Make::day(0)));
        self::assertTrue((new Child('x', 'X', null, mayBeAlone: true))->mayBeAloneOn(Make::day(0)));
    }

    /** @param list<Child> $children */
    private static function day(array $children, Span ...$windows): Day
    {
        return new Day(Make::day(0), $children, array_values($windows));
    }

    private static function game(): Activity
    {
        return Make::catalogue()->activity('fetch-me');
    }

    private static function big(string $name): Child
    {
        return Make::child($name, 78, minutes: 30);
    }

    private static function laidOut(
        string $key,
        int $from,
        int $to,
        string $childId,
        Part $part = Part::With,
    ): SetUp {
        $sitting = new Sitting($childId, [new Course('say-count@5', null, Help::Bare, Reason::Ready)], []);

        return new SetUp($key, self::game(), Place::Table, $part, new Span($from, $to), [$sitting], []);
    }
}
