<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\TestCase;
use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Place;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Planning\Hands;
use Pindle\Core\Planning\Stint;
use Pindle\Tests\Make;

/** The time of the children and the hands of the parent. */
final class HandsTest extends TestCase
{
    public function test_the_parent_is_busy_all_through_what_is_done_near_in_three_minutes_and_at_its_ends_in_four(): void
    {
        $hands = new Hands(Make::day(0), [], [new Span(540, 600)], []);
        $busy = static fn (int $minutes, Part $part): array => self::stint($hands, 550, $minutes, 0, $part)->busy;

        self::assertSame([[550, 553]], $busy(3, Part::Near));
        self::assertSame([[550, 552], [553, 554]], $busy(4, Part::Near));
        self::assertSame([[550, 551]], $busy(9, Part::Alone));
        self::assertSame([[550, 559]], $busy(9, Part::With));
    }

    public function test_a_little_one_is_beside_from_the_start_of_a_time_to_the_end_of_its_last_set_up(): void
    {
        $lark = Make::child('Lark', 40, [new Span(590, 620)]);
        $hands = new Hands(Make::day(0), [Make::child('Maren', 78), $lark], [new Span(540, 600)], []);
        $stint = static fn (int $from, int $minutes, int $who): Stint => self::stint($hands, $from, $minutes, $who);

        self::assertSame([0], $hands->beside([]));
        self::assertSame([17], $hands->beside([$stint(550, 7, 1)]));
        self::assertSame([10], $hands->beside([$stint(550, 7, 2)]));
        self::assertSame([23], $hands->beside([$stint(580, 10, 1), $stint(563, 4, 2)]));
        self::assertSame([50], $hands->beside([$stint(580, 20, 1)]), 'asleep from 9:50');
    }

    public function test_a_little_one_may_be_beside_for_so_long_and_no_minute_longer_in_each_time_by_itself(): void
    {
        $children = [Make::child('Maren', 78), Make::child('Lark', 40), Make::child('Ode', 30)];
        $hands = new Hands(Make::day(0), $children, [new Span(540, 600), new Span(780, 805)], []);
        $stint = static fn (int $from, int $minutes, int $who): Stint => self::stint($hands, $from, $minutes, $who);
        $most = [15, 15, 15, 15];

        self::assertSame(0, $hands->lonely([$stint(540, 15, 1)], $most));
        self::assertSame(2 | 4, $hands->lonely([$stint(540, 16, 1)], $most));
        self::assertSame(4, $hands->lonely([$stint(540, 12, 1), $stint(552, 5, 2)], $most), 'the one who sat has had company');
        self::assertSame(2, $hands->lonely([$stint(780, 16, 1), $stint(790, 5, 4)], $most), 'in the second time');
        self::assertSame(0, $hands->lonely([$stint(540, 16, 1)], [16, 15, 16, 15]), 'what is kept brings more with it');
    }

    private static function stint(Hands $hands, int $from, int $minutes, int $who, Part $part = Part::With): Stint
    {
        return $hands->stint($from, $minutes, Place::Table, $part, $who, Make::catalogue()->activity('fetch-me'));
    }
}
