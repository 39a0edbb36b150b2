<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Drawing\Box;
use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Stroke;
use Pindle\Core\Printable\Variant;

/** Numbers in rows of ten, in cells that are true squares. */
final class HundredSquare
{
    private const COLUMNS = 10;
    private const NUMERAL = 9.0;

    public static function sheet(Order $order): Sheet
    {
        $format = new Format($order->paper);
        $cell = floor($format->wide / self::COLUMNS);
        $left = $format->middle() - self::COLUMNS / 2 * $cell;
        $marks = [];
        for ($number = 1; $number <= $order->reach; ++$number) {
            $x = $left + (($number - 1) % self::COLUMNS + 0.5) * $cell;
            $y = $format->top + (intdiv($number - 1, self::COLUMNS) + 0.5) * $cell;
            $marks[] = new Box($x, $y, $cell, $cell, 0.0, 0 === $number % self::COLUMNS ? Stroke::cut() : Stroke::fill());
            $isLeftOut = Variant::Plain === $order->variant || (Variant::Blanks === $order->variant && Line::isBlank($number, $order->seed));
            if (!$isLeftOut) {
                array_push($marks, ...$order->hand->write((string) $number, $x, $y, self::NUMERAL, 'ink', 0.8 * $cell));
            }
        }

        return Sheet::printed($order, $format, [$marks], [], 0);
    }
}
