<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\TestCase;
use Pindle\Core\Child\FrameFilling;
use Pindle\Core\Child\Settings;
use Pindle\Core\Question\Dice;
use Pindle\Core\Question\Kind;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Scene\StandIn;
use Pindle\Core\Scene\StandInKind;
use Pindle\Core\Thing\Thing;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Things on the screen: each set from its question, the same for the same seed. */
final class StandInTest extends TestCase
{
    public function test_dice_come_to_rest_on_what_is_asked_whichever_is_rolled_first(): void
    {
        $dice = Dice::forJoining(5);
        self::assertSame([[0, 0, 1, 1, 2, 2], [0, 0, 1, 2, 3, 3]], [$dice?->first, $dice?->second]);
        $shown = static fn (int $a, int $b): ?array => self::first(new Kind\Join('join', $a, $b), new Sight\Bowls($a, $b), rolls: true);

        self::assertSame(['dice', 2, 3], $shown(2, 3));
        self::assertSame(['dice', 1, 3], $shown(3, 1), 'three is on the second alone');
        self::assertSame(['beads', 4, 1], $shown(4, 1), 'no die has a four');
        self::assertSame(['beads', 2, 3], self::first(new Kind\Join('join', 2, 3), new Sight\Bowls(2, 3)), 'not played with dice');
        self::assertFalse(Dice::canAsk(new Kind\Join('join', 4, 1), 5));
        self::assertTrue(Dice::canAsk(new Kind\Join('join', 4, 1), 13), 'cards can show anything');
        self::assertSame(['dice', 5, 2], self::first(new Kind\Take('take', 5, 2), new Sight\TakeFrom(5, 2), rolls: true));
        self::assertFalse(Dice::canAsk(new Kind\Take('take', 2, 3), 5), 'nothing below nought');
    }

    public function test_frames_and_lines_come_in_the_sizes_there_are(): void
    {
        $size = static fn (Sight $sight, int $reach = 5): int => self::of(new Kind\CountMoves('count-moves', 2), $sight, $reach)[0]->size;

        self::assertSame([5, 10, 10, 20], array_map(static fn (int $places): int => $size(new Sight\Frame(3, 3, $places)), [5, 6, 10, 11]));
        self::assertSame([5, 10, 20, 30], array_map(static fn (int $reach): int => $size(new Sight\Hops(1, 1), $reach), [5, 6, 11, 21]));
        self::assertSame(20, $size(new Sight\Hops(8, 5), 10), 'as far as is hopped');
        self::assertSame(10, $size(new Sight\Hops(8, 5, true), 10), 'back is not further');
    }

    public function test_a_frame_is_filled_in_the_order_the_child_knows_and_one_to_build_is_empty(): void
    {
        $frame = static fn (FrameFilling $filling, bool $build = false): StandIn => self::of(
            new Kind\CountMoves('count-moves', 2),
            new Sight\Frame(7, 7, 10, build: $build),
            settings: new Settings(frameFilling: $filling),
        )[0];

        self::assertSame([[0, 0], [1, 0], [2, 0]], \array_slice($frame(FrameFilling::RowsOfFive)->order, 0, 3));
        self::assertSame([[0, 0], [0, 1], [1, 0]], \array_slice($frame(FrameFilling::Pairs)->order, 0, 3));
        self::assertSame([7, 0], [$frame(FrameFilling::Pairs)->n, $frame(FrameFilling::Pairs, true)->n]);
    }

    public function test_a_balance_has_things_as_heavy_and_as_uneven_as_those_that_lie_there(): void
    {
        $masses = static fn (?Thing $thing): array => self::of(new Kind\CountMoves('count-moves', 2), new Sight\Balance(3, 4), thing: $thing)[0]->masses;
        $spread = static function (array $grams): float {
            $mean = array_sum($grams) / \count($grams);

            return sqrt(array_sum(array_map(static fn (float $one): float => ($one - $mean) ** 2, $grams)) / (\count($grams) - 1));
        };
        $walnuts = $masses(new Thing('w', 'walnuts', 'walnut', 40, mass: 11.0, massDeviation: 2.2));

        self::assertCount(StandIn::MASSES, $walnuts);
        self::assertEqualsWithDelta(11.0, array_sum($walnuts) / \count($walnuts), 1.0);
        self::assertEqualsWithDelta(2.2, $spread($walnuts), 0.8);
        self::assertLessThan(0.4, $spread($masses(null)), 'what nobody weighed is fairly even');
        self::assertSame($walnuts, $masses(new Thing('w', 'walnuts', 'walnut', 40, mass: 11.0, massDeviation: 2.2)), 'the same for the same seed');
        self::assertSame(6.0, min([99.0, ...$masses(new Thing('x', 'stones', 'stone', 40, mass: 12.0, massDeviation: 90.0))]), 'never under half');
    }

    public function test_each_is_set_from_what_the_question_shows(): void
    {
        $count = new Kind\CountMoves('count-moves', 2);

        self::assertSame(['cup', 3, 4], self::first($count, new Sight\Cup(7, 3)));
        $bond = self::of($count, new Sight\Bond(6, 2))[0];
        self::assertSame([StandInKind::Bond, 6, 0], [$bond->kind, $bond->n, $bond->a], 'nothing is slid yet');
        self::assertSame(['sign', 4, 6], self::first($count, new Sight\Sign(4, 6)));
        self::assertNull(self::first($count, new Sight\Sign(4, null)), 'what is to be found is not shown');
        self::assertSame(['stairs', 0, 0], self::first($count, new Sight\Stairs(4, true)));
        self::assertSame(['countdown', 0, 0], self::first(new Kind\SayBack(6, 0), new Sight\Track(6, 0)));
        self::assertNull(self::first($count, new Sight\Track(6, 0)));
        $spinner = self::of(new Kind\CountMoves('do-moves', 7), new Sight\Row(7), 10)[0];
        self::assertSame([StandInKind::Spinner, 7, 10], [$spinner->kind, $spinner->n, $spinner->size]);
        self::assertContains($spinner->b, range(1, StandIn::MOVEMENTS));
        self::assertSame([], self::of($count, new Sight\Row(7)));
    }

    public function test_on_their_own_all_are_there_in_their_sizes(): void
    {
        $all = StandIn::all(new Settings(), new Randomizer(new Xoshiro256StarStar(1)));
        $kinds = array_map(static fn (StandIn $one): string => $one->kind->value.' '.$one->size, $all);

        self::assertSame(\count($kinds), \count(array_unique($kinds)));
        foreach (StandInKind::cases() as $kind) {
            foreach ($kind->sizes() as $size) {
                self::assertContains($kind->value.' '.$size, $kinds);
            }
        }
        $cup = $all[(int) array_search('cup 5', $kinds, true)];
        self::assertSame([5, 2, 3], [$cup->n, $cup->a, $cup->b]);
    }

    /** @return array{string, int, int}|null */
    private static function first(Prompt $prompt, Sight $sight, bool $rolls = false): ?array
    {
        $one = self::of($prompt, $sight, rolls: $rolls)[0] ?? null;

        return null === $one ? null : [$one->kind->value, $one->a, $one->b];
    }

    /** @return list<StandIn> */
    private static function of(
        Prompt $prompt,
        Sight $sight,
        int $reach = 5,
        bool $rolls = false,
        ?Thing $thing = null,
        Settings $settings = new Settings(),
    ): array {
        return StandIn::of($prompt, $sight, $reach, $rolls, $thing, $settings, new Randomizer(new Xoshiro256StarStar(3)));
    }
}
