<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\TestCase;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Planning\Windows;

final class WindowsTest extends TestCase
{
    public function test_a_day_begun_later_keeps_its_minutes_and_the_rest_gives_way(): void
    {
        $day = [new Span(540, 580), new Span(600, 625), new Span(780, 805)];

        self::assertEquals($day, Windows::from($day, 540), 'in time');
        self::assertEquals([new Span(565, 605), new Span(605, 625), new Span(780, 805)], Windows::from($day, 565));
        self::assertEquals([new Span(579, 619), new Span(619, 625), new Span(780, 805)], Windows::from($day, 579));
        self::assertEquals([new Span(600, 625), new Span(780, 805)], Windows::from($day, 580), 'the first is over');
        self::assertEquals([new Span(780, 805)], Windows::from([new Span(780, 805)], 700));
        self::assertEquals([new Span(624, 649), new Span(780, 805)], Windows::from($day, 624));
        self::assertEquals([new Span(1430, 1440)], Windows::from([new Span(1400, 1435)], 1430), 'the day ends');
    }

    public function test_where_all_is_over_there_are_twenty_minutes(): void
    {
        self::assertEquals([new Span(805, 825)], Windows::from([new Span(780, 805)], 805));
        self::assertEquals(new Span(1420, 1440), Windows::short(1421));
        self::assertEquals(new Span(1420, 1440), Windows::short(1420));
    }

    public function test_one_time_more_is_one_with_what_it_touches(): void
    {
        $day = [new Span(540, 580), new Span(780, 805)];

        self::assertEquals([new Span(540, 580), new Span(600, 620), new Span(780, 805)], Windows::with($day, new Span(600, 620)));
        self::assertEquals([new Span(540, 600), new Span(780, 805)], Windows::with($day, new Span(580, 600)));
        self::assertEquals([new Span(540, 805)], Windows::with($day, new Span(570, 790)));
    }

    public function test_a_sleep_ends_when_its_child_wakes(): void
    {
        $naps = [new Span(540, 600), new Span(780, 860)];

        self::assertEquals([new Span(540, 570), new Span(780, 860)], Windows::cut($naps, 570));
        self::assertEquals([new Span(780, 860)], Windows::cut($naps, 540));
        self::assertNull(Windows::cut($naps, 600), 'awake already');
        self::assertNull(Windows::cut([], 600));
    }
}
