<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Drawing\Line as Stroked;
use Pindle\Core\Printable\Asked;
use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\Grid;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Stroke;
use Pindle\Core\Printable\Sum;
use Pindle\Core\Printable\Tool;

/** Sums on cards with the answer behind: each is cut out and folded, so that a child can ask and check alone. */
final class SumCards
{
    private const WIDE = 90.0;
    private const HIGH = 40.0;
    private const NUMERAL = 13.0;
    private const COUNT = 12;
    /** Where it is folded, in parts of the width. */
    private const FOLD = 0.72;

    public static function sheet(Order $order): Sheet
    {
        $cells = array_map(static fn (Sum $sum): \Closure => static function (float $x, float $y) use ($order, $sum): array {
            $fold = $x - self::WIDE / 2 + self::FOLD * self::WIDE;
            $front = $x - (1 - self::FOLD) * self::WIDE / 2;

            return [
                ...$order->hand->write($sum->asked(), $front, $y, self::NUMERAL, 'ink', 0.9 * self::FOLD * self::WIDE),
                new Stroked($fold, $y - self::HIGH / 2, $fold, $y + self::HIGH / 2, Stroke::fold()),
                ...NumeralCards::card($order, (string) $sum->answer, ($fold + $x + self::WIDE / 2) / 2, $y, self::NUMERAL, 22.0),
            ];
        }, Asked::sums($order, self::COUNT));
        $format = new Format($order->paper);

        return Sheet::printed($order, $format, Grid::pages($format, self::WIDE, self::HIGH, $cells), [Tool::Scissors, Tool::Card], \count($cells));
    }
}
