<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Drawing\Mark;
use Pindle\Core\Drawing\Oval;
use Pindle\Core\Printable\Amount;
use Pindle\Core\Printable\Asked;
use Pindle\Core\Printable\Columns;
use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Stroke;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Groups on one side, numerals on the other, never opposite one another; a string or a line goes from each to its own. */
final class StringMatch
{
    private const ROWS = 5;
    private const NUMERAL = 18.0;
    private const HOLE = 4.0;

    public static function sheet(Order $order): Sheet
    {
        $format = new Format($order->paper);
        $numbers = \array_slice(Asked::numbers($order, self::ROWS), 0, self::ROWS);
        [$groups, $numerals] = Columns::of($numbers, 2, new Randomizer(new Xoshiro256StarStar($order->seed)));
        $row = $format->high / \count($numbers);
        $marks = [];
        foreach ($numbers as $i => $_) {
            $y = $format->top + ($i + 0.5) * $row;
            array_push(
                $marks,
                ...Amount::drawn($order, $groups[$i], $format->left, $y - 0.4 * min(60.0, $row), 66.0, 0.8 * min(60.0, $row), most: max($numbers)),
                ...self::hole($format->left + 74.0, $y),
                ...self::hole($format->left + $format->wide - 42.0, $y),
                ...NumeralCards::card($order, (string) $numerals[$i], $format->left + $format->wide - 18.0, $y, self::NUMERAL, 34.0),
            );
        }

        return Sheet::printed($order, $format, [$marks], [], 0);
    }

    /** @return list<Mark> */
    private static function hole(float $x, float $y): array
    {
        return [new Oval($x, $y, self::HOLE, self::HOLE, Stroke::fill())];
    }
}
