<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\TestCase;
use Pindle\Core\Evidence\Rungs;

/** Which earlier states of a record are kept. */
final class RungsTest extends TestCase
{
    public function test_there_is_one_every_two_hundred_and_none_before_the_first(): void
    {
        self::assertSame([], Rungs::of(199));
        self::assertSame([200], Rungs::of(200));
        self::assertSame([200, 400, 600], Rungs::of(799));
    }

    public function test_one_is_left_out_where_its_neighbours_are_no_further_apart_than_the_younger_is_old(): void
    {
        self::assertSame([200, 400, 600, 800], Rungs::staying([200, 400, 600, 800]), '400 apart, and 200 old');
        self::assertSame([200, 600, 800, 1000], Rungs::staying([200, 400, 600, 800, 1000]), '400 apart, and 400 old');
        self::assertSame([199, 400, 600, 800, 1000], Rungs::staying([199, 400, 600, 800, 1000]), '401 apart, and 400 old');
        self::assertSame([], Rungs::staying([]));
    }

    public function test_however_long_the_history_little_is_replayed_and_little_is_kept(): void
    {
        foreach ([1_000, 5_123, 34_125] as $count) {
            $places = [0, ...Rungs::of($count)];
            self::assertLessThanOrEqual(14, \count($places));
            foreach (range(1, $count, 97) as $age) {
                $before = max(0, ...array_filter($places, static fn (int $place): bool => $place <= $count - $age));
                self::assertLessThanOrEqual(2 * max($age, Rungs::EVERY), $count - $before, $age.' of '.$count);
            }
        }
    }
}
