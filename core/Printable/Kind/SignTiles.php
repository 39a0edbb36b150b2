<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\Grid;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Tool;

/** Numerals and signs for whole sentences: two of each numeral, so that five and five is five and five, and the signs. */
final class SignTiles
{
    public const SIDE = 43.0;
    private const HIGH = 30.0;
    private const OF_EACH = 2;
    private const SIGNS = ['+', '−', '=', '?'];

    public static function sheet(Order $order): Sheet
    {
        $cells = [];
        for ($copy = 0; $copy < $order->copies; ++$copy) {
            foreach ([...array_map(strval(...), range(0, $order->reach)), ...self::SIGNS] as $one) {
                for ($nth = 0; $nth < self::OF_EACH; ++$nth) {
                    $cells[] = static fn (float $x, float $y): array => NumeralCards::card($order, $one, $x, $y, self::HIGH, self::SIDE);
                }
            }
        }
        $format = new Format($order->paper);

        return Sheet::printed($order, $format, Grid::pages($format, self::SIDE, self::SIDE, $cells), [Tool::Scissors, Tool::Card], \count($cells));
    }
}
