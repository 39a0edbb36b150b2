<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\TestCase;
use Pindle\Core\Question\BadCoins;
use Pindle\Core\Question\CoinWays;
use Pindle\Core\Question\Dice;
use Pindle\Core\Question\Splits;
use Pindle\Core\Thing\BondCircle;
use Pindle\Core\Thing\Evenness;
use Pindle\Core\Thing\FrameCell;
use Pindle\Core\Thing\GuessJar;
use Pindle\Core\Thing\Size;
use Pindle\Core\Thing\TooMany;

/** The measuring a parent would do by hand, against values worked by hand or published. */
final class MeasuresTest extends TestCase
{
    public function test_a_frame_for_25_mm_caps_is_155_by_62_mm_and_a_sheet_holds_things_up_to_32_mm(): void
    {
        self::assertSame([155.0, 62.0], FrameCell::frame(25.0, 5, 2));
        // A4 with margins of 10 mm: 190 mm upright, 277 mm lying.
        self::assertEqualsWithDelta(32.0, FrameCell::largest(190.0, 5), 1e-9);
        self::assertEqualsWithDelta(49.4, FrameCell::largest(277.0, 5), 1e-9);
    }

    public function test_ten_caps_side_by_side_need_a_circle_of_107_mm(): void
    {
        self::assertEqualsWithDelta(106.764, BondCircle::width(10, 25.0), 0.001);
        $before = 0.0;
        for ($count = 1; $count <= 20; ++$count) {
            self::assertGreaterThanOrEqual($before, $before = BondCircle::width($count, 25.0));
        }
        $this->expectException(TooMany::class);
        BondCircle::width(21, 25.0);
    }

    public function test_a_pot_of_half_a_litre_holds_36_balls_of_25_mm(): void
    {
        self::assertSame(36, GuessJar::holds(500, Size::of(25, 25, 25)));
        self::assertLessThan(GuessJar::holds(500, Size::of(25, 25, 25)), GuessJar::holds(500, Size::of(25, 25, 60)));
    }

    public function test_walnuts_are_too_uneven_for_a_balance_and_coins_are_fine(): void
    {
        self::assertFalse(Evenness::isEven(11.0, 2.2));
        self::assertTrue(Evenness::isEven(3.5, 0.03));
        // 10, 12, 11, 9, 13: mean 11, squares 1 + 1 + 0 + 4 + 4 = 10, 10 ÷ 4 = 2.5.
        self::assertEqualsWithDelta([11.0, sqrt(2.5)], Evenness::weighed([10.0, 12.0, 11.0, 9.0, 13.0]), 1e-9);
    }

    public function test_coins_pay_an_amount_in_every_way_fewest_first(): void
    {
        self::assertSame([[5 => 1], [2 => 2, 1 => 1], [2 => 1, 1 => 3], [1 => 5]], CoinWays::of(5, CoinWays::PLAY_COINS));
        self::assertCount(11, CoinWays::of(10, CoinWays::PLAY_COINS));
        self::assertSame([[5 => 2], [5 => 1, 2 => 1, 1 => 3]], CoinWays::of(10, CoinWays::PLAY_COINS, [5 => 2, 2 => 1, 1 => 3]));
        $this->expectException(BadCoins::class);
        CoinWays::of(5, [0, 1]);
    }

    public function test_ten_is_made_of_two_parts_in_6_ways_and_11_when_order_counts(): void
    {
        self::assertSame([6, 11, 3, 6], [\count(Splits::pairs(10)), \count(Splits::ordered(10)), \count(Splits::pairs(5)), \count(Splits::ordered(5))]);
    }

    public function test_dice_for_putting_together_within_five(): void
    {
        $dice = Dice::forJoining(5) ?? self::fail('There are dice within five.');

        self::assertSame([[0, 0, 1, 1, 2, 2], [0, 0, 1, 2, 3, 3]], [$dice->first, $dice->second]);
        self::assertSame(range(0, 5), array_keys($dice->results));
        self::assertEqualsWithDelta(1.0, array_sum(array_map($dice->chance(...), range(0, 5))), 1e-9);
        self::assertGreaterThan(1 / 6, $dice->chanceOfRepeat());
    }

    public function test_every_roll_of_made_dice_is_legal(): void
    {
        foreach ([3, 5, 10] as $reach) {
            $dice = Dice::forJoining($reach);
            self::assertSame(range(0, $reach), array_keys($dice->results ?? []), 'joining within '.$reach);
        }
        foreach ([3, 5, 6] as $reach) {
            $dice = Dice::forTaking($reach);
            self::assertSame(range(0, $reach), array_keys($dice->results ?? []), 'taking within '.$reach);
        }
        self::assertNull(Dice::forTaking(10), 'above six cards are better');
    }
}
