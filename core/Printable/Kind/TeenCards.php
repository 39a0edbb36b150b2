<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\Grid;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Tool;

/** A ten, and ones half as wide that lie over its nought: ten and four is fourteen. */
final class TeenCards
{
    private const HALF = 47.0;
    private const HIGH = 62.0;
    private const NUMERAL = 40.0;

    public static function sheet(Order $order): Sheet
    {
        $format = new Format($order->paper);
        $ones = array_map(static fn (int $one): \Closure => static fn (float $x, float $y): array => NumeralCards::card(
            $order,
            (string) $one,
            $x,
            $y,
            self::NUMERAL,
            self::HALF,
        ), range(1, $order->reach > 10 ? $order->reach - 10 : 9));
        $ten = static fn (float $x, float $y): array => [
            ...$order->hand->write('1', $x - self::HALF / 2, $y - 0.06 * self::NUMERAL, self::NUMERAL, 'ink'),
            ...$order->hand->write('0', $x + self::HALF / 2, $y - 0.06 * self::NUMERAL, self::NUMERAL, 'ink'),
        ];

        return Sheet::printed($order, $format, [
            ...Grid::pages($format, 2 * self::HALF, self::HIGH, [$ten]),
            ...Grid::pages($format, self::HALF, self::HIGH, $ones),
        ], [Tool::Scissors, Tool::Card], 1 + \count($ones));
    }
}
