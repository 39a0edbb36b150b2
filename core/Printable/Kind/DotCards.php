<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Drawing\Mark;
use Pindle\Core\Drawing\Oval;
use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\Grid;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Stroke;
use Pindle\Core\Printable\Tool;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Dots to be seen at once: patterned up to six as on dice, twice over, and once scattered, never touching and never five in a row. */
final class DotCards
{
    private const SIDE = 62.0;
    public const DOT = 9.0;
    /** From middle to middle of scattered dots, in millimetres: they never touch. */
    public const APART = 13.0;
    private const ROOM = 22.0;
    private const TRIES = 4000;

    /** Places on a card, in thirds of the room. */
    private const PATTERNS = [
        [], [[0, 0]], [[-1, -1], [1, 1]], [[-1, -1], [0, 0], [1, 1]], [[-1, -1], [1, -1], [-1, 1], [1, 1]],
        [[-1, -1], [1, -1], [0, 0], [-1, 1], [1, 1]], [[-1, -1], [1, -1], [-1, 0], [1, 0], [-1, 1], [1, 1]],
    ];

    public static function sheet(Order $order): Sheet
    {
        $cells = [];
        foreach (range(0, $order->reach) as $number) {
            foreach (isset(self::PATTERNS[$number]) ? [false, true] : [true, true] as $nth => $isScattered) {
                $places = $isScattered ? self::scattered($number, $order->seed + 97 * $number + $nth) : self::pattern($number, 0.7 * self::ROOM);
                $cells[] = static fn (float $x, float $y): array => self::dots($places, $x, $y, $order->savesInk);
            }
        }
        $format = new Format($order->paper);

        return Sheet::printed($order, $format, Grid::pages($format, self::SIDE, self::SIDE, $cells), [Tool::Scissors, Tool::Card], \count($cells));
    }

    /**
     * @return list<array{float, float}> places about the middle of a card: apart from one another, no five of them in one row
     */
    public static function scattered(int $count, int $seed): array
    {
        $random = new Randomizer(new Xoshiro256StarStar($seed));
        for ($try = 0; $try < self::TRIES; ++$try) {
            $places = [];
            for ($left = 60 * max(1, $count); $left > 0 && \count($places) < $count; --$left) {
                $at = [$random->getInt(-220, 220) / 10, $random->getInt(-220, 220) / 10];
                if ([] === array_filter($places, static fn (array $one): bool => hypot($one[0] - $at[0], $one[1] - $at[1]) < self::APART)) {
                    $places[] = $at;
                }
            }
            if (\count($places) === $count && !self::hasRow($places)) {
                return $places;
            }
        }

        throw new \LogicException(\sprintf('%d dots do not fit a card.', $count));
    }

    /**
     * @param int $number 0 to 6
     *
     * @return list<array{float, float}> places about the middle as on a die, so far from it
     */
    public static function pattern(int $number, float $far): array
    {
        return array_map(static fn (array $at): array => [$far * $at[0], $far * $at[1]], self::PATTERNS[$number]);
    }

    /** @param list<array{float, float}> $places whether five lie in one row or column, give or take half a dot */
    public static function hasRow(array $places): bool
    {
        foreach ([0, 1] as $axis) {
            foreach ($places as $one) {
                $beside = array_filter($places, static fn (array $other): bool => abs($other[$axis] - $one[$axis]) < self::DOT / 2);
                if (\count($beside) >= 5) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * @param list<array{float, float}> $places
     *
     * @return list<Mark>
     */
    public static function dots(array $places, float $x, float $y, bool $savesInk, float $wide = self::DOT): array
    {
        return array_map(
            static fn (array $at): Mark => new Oval($x + $at[0], $y + $at[1], $wide, $wide, Stroke::surface($savesInk, 'ink')),
            $places,
        );
    }
}
