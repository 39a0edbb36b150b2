<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Child\Settings;
use Pindle\Core\Question\Dice;
use Pindle\Core\Question\Kind;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Thing\Thing;
use Random\Randomizer;

/**
 * A thing on the screen in the place of one that is not at hand, set from the question. It shows and does, and tells nobody what was done with it.
 */
final readonly class StandIn
{
    /** Masses that lie ready a balance: so many things can be put on it. */
    public const MASSES = 40;

    /** Movements on the die beside a spinner. */
    public const MOVEMENTS = 6;

    /** What a thing weighs that nobody has weighed, and how much they differ, in grams: evener than walnuts, less even than coins. */
    private const GRAMS = 5.0;
    private const SPREAD = 0.05;

    /**
     * @param int             $n      the number it is set to: filled places, a whole, where a line ends, what a spinner stops at
     * @param int             $a      the first part, the left side, where hopping begins
     * @param int             $b      the second part, the right side, how far is hopped, which movement
     * @param int             $size   places of a frame, the last number of a line, fields of a spinner
     * @param bool            $back   whether it goes downwards
     * @param bool            $bag    whether a bag of that many lies on the left of a balance
     * @param list<list<int>> $faces  six a die
     * @param list<array{int, int}> $order column and line of each place of one frame, in the order it is filled
     * @param list<float>     $masses grams of the things that can be put on a balance, one by one
     */
    private function __construct(
        public StandInKind $kind,
        public int $n,
        public int $a = 0,
        public int $b = 0,
        public int $size = 0,
        public bool $back = false,
        public bool $bag = false,
        public array $faces = [],
        public array $order = [],
        public array $masses = [],
    ) {
    }

    /**
     * Those that can stand in at a question, the one that comes nearest to what the activity shows first.
     *
     * @param Sight      $sight what the question is shown as
     * @param int        $reach of the step of the sitting
     * @param bool       $rolls whether the activity is played with dice
     * @param Thing|null $thing that lies out
     * @param Settings   $settings of the child
     *
     * @return list<self>
     */
    public static function of(Prompt $prompt, Sight $sight, int $reach, bool $rolls, ?Thing $thing, Settings $settings, Randomizer $random): array
    {
        $dice = $rolls ? Dice::of($prompt, $reach) : null;
        $rolled = $dice?->rolled($prompt) ?? [];

        return array_values(array_filter([
            null === $dice || [] === $rolled ? null : new self(
                StandInKind::Dice,
                $prompt->amounts()->n,
                $rolled[0],
                $rolled[1],
                faces: [$dice->first, $dice->second],
            ),
            $prompt instanceof Kind\CountMoves && 'do-moves' === $prompt->ask ? new self(
                StandInKind::Spinner,
                $prompt->n,
                b: $random->getInt(1, self::MOVEMENTS),
                size: self::upTo($reach),
            ) : null,
            match (true) {
                $sight instanceof Sight\Frame => new self(
                    StandInKind::Frame,
                    $sight->build ? 0 : $sight->n,
                    $sight->ofFirst,
                    size: self::places($sight->places),
                    order: self::order(self::places($sight->places), $settings),
                ),
                $sight instanceof Sight\Bridge => new self(
                    StandInKind::Frame,
                    $sight->a + $sight->b,
                    $sight->a,
                    $sight->b,
                    20,
                    order: self::order(20, $settings),
                ),
                $sight instanceof Sight\BridgeBack => new self(
                    StandInKind::Frame,
                    $sight->n,
                    $sight->n,
                    size: 20,
                    back: true,
                    order: self::order(20, $settings),
                ),
                $sight instanceof Sight\Hops => new self(
                    StandInKind::Line,
                    $sight->start,
                    $sight->start,
                    $sight->by,
                    self::upTo(max($reach, $sight->start + ($sight->back ? 0 : $sight->by))),
                    $sight->back,
                ),
                $sight instanceof Sight\Track && $prompt instanceof Kind\SayBack => new self(
                    StandInKind::Countdown,
                    $sight->from,
                    size: $sight->from,
                    back: true,
                ),
                $sight instanceof Sight\Balance => new self(
                    StandInKind::Balance,
                    max($sight->left, $sight->right),
                    $sight->left,
                    $sight->right,
                    self::MASSES,
                    bag: $sight->bag,
                    masses: self::masses($thing, $random),
                ),
                $sight instanceof Sight\Cup => new self(StandInKind::Cup, $sight->n, $sight->seen ?? 0, $sight->n - ($sight->seen ?? 0)),
                // All of it on the big plate: what is to be found shows when they are slid.
                $sight instanceof Sight\Bond => new self(StandInKind::Bond, $sight->n),
                $sight instanceof Sight\Sign => null === $sight->b ? null : new self(StandInKind::Sign, max($sight->a, $sight->b), $sight->a, $sight->b),
                $sight instanceof Sight\Stairs => new self(StandInKind::Stairs, $sight->n, size: self::upTo($reach)),
                $sight instanceof Sight\Bowls && $prompt instanceof Kind\Join => new self(StandInKind::Beads, $sight->a + $sight->b, $sight->a, $sight->b, 10),
                default => null,
            },
        ]));
    }

    /**
     * All there are on their own, in the sizes they come in.
     *
     * @return list<self>
     */
    public static function all(Settings $settings, Randomizer $random): array
    {
        $all = [];
        foreach (StandInKind::cases() as $kind) {
            foreach ($kind->sizes() as $size) {
                $all[] = self::alone($kind, $size, $settings, $random);
            }
        }

        return $all;
    }

    /** One to play with, set by hand: numbers from 0, two dice with all faces, a frame empty. */
    private static function alone(StandInKind $kind, int $size, Settings $settings, Randomizer $random): self
    {
        $six = range(1, 6);

        return new self(
            $kind,
            match ($kind) {
                StandInKind::Cup, StandInKind::Bond, StandInKind::Countdown => $size,
                default => 0,
            },
            match ($kind) {
                StandInKind::Dice => $random->getInt(1, 6),
                StandInKind::Cup => intdiv($size, 2),
                StandInKind::Sign => $random->getInt(0, $size),
                default => 0,
            },
            match ($kind) {
                StandInKind::Dice, StandInKind::Spinner => $random->getInt(1, self::MOVEMENTS),
                StandInKind::Cup => $size - intdiv($size, 2),
                StandInKind::Sign => $random->getInt(0, $size),
                default => 0,
            },
            $size,
            StandInKind::Countdown === $kind,
            faces: StandInKind::Dice === $kind ? [$six, $six] : [],
            order: StandInKind::Frame === $kind ? self::order($size, $settings) : [],
            masses: StandInKind::Balance === $kind ? self::masses(null, $random) : [],
        );
    }

    /** @return list<array{int, int}> */
    private static function order(int $places, Settings $settings): array
    {
        return Frame::order(min(10, $places), $settings->frameFilling);
    }

    /** A frame has five, ten or twenty places. */
    private static function places(int $places): int
    {
        return $places <= 5 ? 5 : ($places <= 10 ? 10 : 20);
    }

    /** Lines and spinners end on five, ten, twenty or a whole ten. */
    private static function upTo(int $number): int
    {
        return $number <= 5 ? 5 : 10 * (int) ceil($number / 10);
    }

    /** @return list<float> about normal, from the mean and the spread of the thing; never under half the mean */
    private static function masses(?Thing $thing, Randomizer $random): array
    {
        $mean = $thing->mass ?? self::GRAMS;
        $spread = $thing->massDeviation ?? self::SPREAD * $mean;
        $masses = [];
        for ($i = 0; $i < self::MASSES; ++$i) {
            // Twelve even draws added up are about normal, with a spread of one.
            $sum = 0.0;
            for ($draw = 0; $draw < 12; ++$draw) {
                $sum += $random->getInt(0, 1_000_000) / 1_000_000;
            }
            $masses[] = round(max($mean / 2, $mean + ($sum - 6.0) * $spread), 2);
        }

        return $masses;
    }
}
