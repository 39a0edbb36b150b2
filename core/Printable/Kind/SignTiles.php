<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\Grid;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Tool;

/**
 * Numerals and signs for whole sentences: two of each numeral, so that five and five is five and five, and the signs. Beyond twenty numbers are laid from
 * their figures, four of each: twenty-two and twenty-two is four twos.
 */
final class SignTiles
{
    public const SIDE = 43.0;
    /** Of one with two figures. */
    private const WIDE = 55.0;
    private const HIGH = 30.0;
    private const OF_EACH = 2;
    private const WHOLE = 20;
    private const FIGURES = 4;
    private const SIGNS = ['+', '−', '=', '?'];

    public static function sheet(Order $order): Sheet
    {
        $isWhole = $order->reach <= self::WHOLE;
        $wide = $isWhole ? self::wide($order->reach) : self::SIDE;
        $cells = [];
        for ($copy = 0; $copy < $order->copies; ++$copy) {
            foreach ([...array_map(strval(...), range(0, $isWhole ? $order->reach : 9)), ...self::SIGNS] as $one) {
                for ($nth = 0; $nth < ($isWhole || !is_numeric($one) ? self::OF_EACH : self::FIGURES); ++$nth) {
                    $cells[] = static fn (float $x, float $y): array => NumeralCards::card($order, $one, $x, $y, self::HIGH, $wide);
                }
            }
        }
        $format = new Format($order->paper);

        return Sheet::printed($order, $format, Grid::pages($format, $wide, self::SIDE, $cells), [Tool::Scissors, Tool::Card], \count($cells));
    }

    /** Room in millimetres for an answer up to a reach: one tile, or beyond twenty a figure beside a figure. */
    public static function wide(int $reach): float
    {
        return match (true) {
            $reach > self::WHOLE => 2 * self::SIDE,
            $reach >= 10 => self::WIDE,
            default => self::SIDE,
        };
    }
}
