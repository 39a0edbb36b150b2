<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Drawing\Box;
use Pindle\Core\Drawing\Mark;
use Pindle\Core\Printable\Asked;
use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Stroke;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Numerals of which exactly one pair makes the number at the top: ring it. */
final class RingPair
{
    private const COLUMNS = 2;
    private const LINES = 3;
    private const NUMERAL = 13.0;
    private const MOST_OTHERS = 4;
    private const COUNT = 6;
    /** Below it there is nothing to choose from. */
    private const LEAST = 3;
    /** Places of numerals in a box, in parts of its sides: two rows and one between, none straight above another. */
    private const PLACES = [[0.2, 0.45], [0.52, 0.42], [0.82, 0.47], [0.18, 0.78], [0.5, 0.74], [0.8, 0.8]];

    public static function sheet(Order $order): Sheet
    {
        $format = new Format($order->paper);
        $random = new Randomizer(new Xoshiro256StarStar($order->seed));
        [$wide, $high] = [$format->wide / self::COLUMNS, $format->high / self::LINES];
        $asked = Asked::numbers($order, self::COUNT, min(self::LEAST, $order->reach));
        // A box for each number, and round again where there are fewer numbers than boxes.
        $numbers = array_map(static fn (int $i): int => $asked[$i % \count($asked)], range(0, self::COUNT - 1));
        $marks = [];
        foreach ($numbers as $i => $n) {
            $left = $format->left + $i % self::COLUMNS * $wide;
            $top = $format->top + intdiv($i, self::COLUMNS) * $high;
            array_push(
                $marks,
                new Box($left + $wide / 2, $top + $high / 2, $wide, $high, 0.0, Stroke::fill()),
                new Box($left + $wide / 2, $top + 0.15 * $high, 26.0, 0.24 * $high, 3.0, Stroke::cut()),
                ...$order->hand->write((string) $n, $left + $wide / 2, $top + 0.15 * $high, self::NUMERAL, 'ink', 22.0),
                ...self::scattered($order, self::numbers($n, $random), $random, $left, $top, $wide, $high),
            );
        }

        return Sheet::printed($order, $format, [$marks], [], 0);
    }

    /** @return list<int> numerals from 0 to n, two of which make n, and no other two */
    public static function numbers(int $n, Randomizer $random): array
    {
        $pairs = $random->shuffleArray(array_map(static fn (int $a): array => [$a, $n - $a], range(0, intdiv($n, 2))));
        $numbers = $pairs[0];
        foreach (\array_slice($pairs, 1, self::MOST_OTHERS) as $pair) {
            $numbers[] = $pair[$random->getInt(0, 1)];
        }

        return $random->shuffleArray($numbers);
    }

    /**
     * @param list<int> $numbers
     *
     * @return list<Mark>
     */
    private static function scattered(Order $order, array $numbers, Randomizer $random, float $left, float $top, float $wide, float $high): array
    {
        $places = $random->shuffleArray(self::PLACES);
        $marks = [];
        foreach ($numbers as $i => $number) {
            [$x, $y] = $places[$i];
            array_push($marks, ...NumeralCards::card($order, (string) $number, $left + $x * $wide, $top + $y * $high, self::NUMERAL, 24.0));
        }

        return $marks;
    }
}
