<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\Grid;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Tool;

/** Small numerals for pots, stairs, pegs and price tags. */
final class Labels
{
    private const WIDE = 38.0;
    private const HIGH = 27.0;
    private const NUMERAL = 17.0;

    public static function sheet(Order $order): Sheet
    {
        $cells = [];
        for ($copy = 0; $copy < $order->copies; ++$copy) {
            for ($number = 1; $number <= $order->reach; ++$number) {
                $cells[] = static fn (float $x, float $y): array => NumeralCards::card($order, (string) $number, $x, $y, self::NUMERAL, self::WIDE);
            }
        }
        $format = new Format($order->paper);

        return Sheet::printed($order, $format, Grid::pages($format, self::WIDE, self::HIGH, $cells), [Tool::Scissors], \count($cells));
    }
}
