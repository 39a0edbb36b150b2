<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Drawing\Box;
use Pindle\Core\Printable\Amount;
use Pindle\Core\Printable\Asked;
use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Stroke;

/** The pictures of the questions, a box each, in the order they are asked; where nothing is asked groups of the thing to count and compare. */
final class Pictures
{
    private const COLUMNS = 2;
    private const LINES = 4;
    private const ROOM = 5.0;

    public static function sheet(Order $order): Sheet
    {
        $format = new Format($order->paper);
        [$wide, $high] = [$format->wide / self::COLUMNS, $format->high / self::LINES];
        $draw = [] !== $order->pictures
            ? array_map(static fn ($drawing): \Closure => static fn (float $x, float $y): array => $drawing->within(
                $x,
                $y,
                $wide - 2 * self::ROOM,
                $high - 2 * self::ROOM,
            ), $order->pictures)
            : array_map(static fn (int $n): \Closure => static fn (float $x, float $y): array => Amount::drawn(
                $order,
                $n,
                $x - $wide / 2 + self::ROOM,
                $y - $high / 2 + self::ROOM,
                $wide - 2 * self::ROOM,
                $high - 2 * self::ROOM,
            ), \array_slice(Asked::numbers($order, self::COLUMNS * self::LINES), 0, self::COLUMNS * self::LINES));
        $pages = [];
        foreach (array_chunk($draw, self::COLUMNS * self::LINES) as $some) {
            $marks = [];
            foreach ($some as $i => $one) {
                $x = $format->left + ($i % self::COLUMNS + 0.5) * $wide;
                $y = $format->top + (intdiv($i, self::COLUMNS) + 0.5) * $high;
                array_push($marks, new Box($x, $y, $wide, $high, 0.0, Stroke::fine()), ...$one($x, $y));
            }
            $pages[] = $marks;
        }

        return Sheet::printed($order, $format, $pages, [], 0);
    }
}
