<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Drawing\Box;
use Pindle\Core\Drawing\Mark;
use Pindle\Core\Drawing\Oval;
use Pindle\Core\Printable\Amount;
use Pindle\Core\Printable\Asked;
use Pindle\Core\Printable\Columns;
use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Stroke;
use Pindle\Core\Scene\Frame as Filled;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** The same numbers in three columns, as things, as a frame and as numerals, no two columns in the same order: lines join what belongs together. */
final class CountMatch
{
    private const ROWS = 5;
    private const NUMERAL = 18.0;
    private const CELL = 8.0;

    public static function sheet(Order $order): Sheet
    {
        $format = new Format($order->paper);
        $numbers = \array_slice(Asked::numbers($order, self::ROWS), 0, self::ROWS);
        [$things, $frames, $numerals] = Columns::of($numbers, 3, new Randomizer(new Xoshiro256StarStar($order->seed)));
        $row = $format->high / \count($numbers);
        $marks = [];
        foreach ($numbers as $i => $_) {
            $y = $format->top + ($i + 0.5) * $row;
            array_push(
                $marks,
                ...Amount::drawn($order, $things[$i], $format->left, $y - 0.38 * min(60.0, $row), 56.0, 0.76 * min(60.0, $row), most: max($numbers)),
                ...self::frame($order, $frames[$i], $format->middle(), $y),
                ...NumeralCards::card($order, (string) $numerals[$i], $format->left + $format->wide - 18.0, $y, self::NUMERAL, 34.0),
            );
        }

        return Sheet::printed($order, $format, [$marks], [], 0);
    }

    /** @return list<Mark> filled the way the child knows; two where there are more than ten */
    private static function frame(Order $order, int $n, float $x, float $y): array
    {
        $places = Filled::order(10, $order->settings->frameFilling);
        [$columns, $lines] = [1 + max(0, ...array_column($places, 0)), 1 + max(0, ...array_column($places, 1))];
        $frames = $n > 10 ? 2 : 1;
        // Long ones lie one below the other, high ones side by side.
        [$stepX, $stepY] = $columns > $lines ? [0.0, $lines * self::CELL + 3.0] : [$columns * self::CELL + 3.0, 0.0];
        $marks = [];
        for ($frame = 0; $frame < $frames; ++$frame) {
            $left = $x - $columns * self::CELL / 2 + ($frame - ($frames - 1) / 2) * $stepX;
            $top = $y - $lines * self::CELL / 2 + ($frame - ($frames - 1) / 2) * $stepY;
            foreach ($places as $i => [$column, $line]) {
                [$atX, $atY] = [$left + ($column + 0.5) * self::CELL, $top + ($line + 0.5) * self::CELL];
                $marks[] = new Box($atX, $atY, self::CELL, self::CELL, 0.0, Stroke::fill());
                if (10 * $frame + $i < $n) {
                    $marks[] = new Oval($atX, $atY, 0.62 * self::CELL, 0.62 * self::CELL, Stroke::surface($order->savesInk, 'ink'));
                }
            }
        }

        return $marks;
    }
}
