<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Drawing\Mark;
use Pindle\Core\Drawing\Oval;
use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Stroke;
use Pindle\Core\Printable\Tool;

/** The family's own coins with two sides, larger the more they are worth. Where someone under three is in reach the smallest is larger than a small part. */
final class PlayCoins
{
    /** Of the smallest, and more for each that is worth more, in millimetres. */
    private const SMALLEST = 24.0;
    private const SMALLEST_FOR_LITTLE_ONES = 45.0;
    private const STEP = 2.5;
    private const ROOM = 2.0;

    public static function sheet(Order $order): Sheet
    {
        $format = new Format($order->paper);
        $smallest = $order->isNearLittleOnes ? self::SMALLEST_FOR_LITTLE_ONES : self::SMALLEST;
        $pages = [[]];
        $y = $format->top;
        $values = $order->settings->coins->values();
        foreach ($values as $i => $value) {
            $wide = $smallest + self::STEP * $i;
            $perRow = max(1, (int) floor(($format->wide + self::ROOM) / (2 * $wide + self::ROOM)));
            for ($from = 0; $from < $order->copies; $from += $perRow) {
                if ($y + $wide > $format->bottom()) {
                    $pages[] = [];
                    $y = $format->top;
                }
                for ($nth = 0; $nth < min($perRow, $order->copies - $from); ++$nth) {
                    $left = $format->left + $nth * (2 * $wide + self::ROOM);
                    array_push($pages[\count($pages) - 1], ...self::coin($order, $value, $left, $y, $wide));
                }
                $y += $wide + self::ROOM;
            }
        }

        return Sheet::printed($order, $format, $pages, [Tool::Scissors, Tool::Glue, Tool::Card], \count($values) * $order->copies);
    }

    /** @return list<Mark> both sides, which meet where the paper is folded */
    private static function coin(Order $order, int $value, float $left, float $top, float $wide): array
    {
        $marks = [];
        foreach ([0.5, 1.5] as $side) {
            [$x, $y] = [$left + $side * $wide, $top + $wide / 2];
            $marks[] = new Oval($x, $y, $wide, $wide, Stroke::cut());
            $marks[] = new Oval($x, $y, 0.86 * $wide, 0.86 * $wide, Stroke::fine());
            array_push($marks, ...NumeralCards::card($order, (string) $value, $x, $y, 0.42 * $wide, 0.66 * $wide));
        }

        return $marks;
    }
}
