<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Drawing\Line as Stroked;
use Pindle\Core\Drawing\Mark;
use Pindle\Core\Printable\Amount;
use Pindle\Core\Printable\Asked;
use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Stroke;

/** A numeral and more of one picture than it says, in several rows: just so many get a colour. */
final class ColourSome
{
    private const ROWS = 5;
    private const COUNT = 5;
    private const SPARE = 3;
    private const NUMERAL = 18.0;
    private const HEAD = 36.0;

    public static function sheet(Order $order): Sheet
    {
        $format = new Format($order->paper);
        $row = $format->high / self::ROWS;
        $pages = array_map(static fn (array $some): array => array_merge(...array_map(
            static fn (int $n, int $i): array => self::row($order, $format, $n, $format->top + $i * $row, $row),
            $some,
            array_keys($some),
        )), array_chunk(Asked::numbers($order, self::COUNT), self::ROWS));

        return Sheet::printed($order, $format, $pages, [], 0);
    }

    /** How many pictures stand there for a number: three more, and more so that rows are full. */
    public static function pictures(int $n): int
    {
        return 5 * (int) ceil(($n + self::SPARE) / 5);
    }

    /** @return list<Mark> */
    private static function row(Order $order, Format $format, int $n, float $top, float $high): array
    {
        $left = $format->left + self::HEAD;

        return [
            ...NumeralCards::card($order, (string) $n, $format->left + self::HEAD / 2, $top + $high / 2, self::NUMERAL, self::HEAD),
            ...Amount::drawn(
                $order,
                self::pictures($n),
                $left,
                $top + 3.0,
                $format->wide - self::HEAD,
                $high - 6.0,
                max(5, (int) ceil(self::pictures($n) / 3)),
            ),
            new Stroked($format->left, $top + $high, $format->left + $format->wide, $top + $high, Stroke::fine()),
        ];
    }
}
