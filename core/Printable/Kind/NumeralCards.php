<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Drawing\Line;
use Pindle\Core\Drawing\Mark;
use Pindle\Core\Drawing\Oval;
use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\Grid;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Stroke;
use Pindle\Core\Printable\Tool;
use Pindle\Core\Printable\Variant;

/** Cards with 0 to the reach, to be read from across the table, or from above when they lie on the floor; or with as many spots below. */
final class NumeralCards
{
    /** Height of a numeral in millimetres: at least 30 for a table, 60 for the floor, also of two and three figures. */
    public const ON_TABLE = 36.0;
    public const ON_FLOOR = 62.0;

    /** Spots in rows of five, a row so high in millimetres. */
    private const SPOT = 6.0;
    private const SPOT_ROW = 9.0;
    private const MOST_SPOTS = 20;

    public static function sheet(Order $order): Sheet
    {
        $high = Variant::Floor === $order->variant ? self::ON_FLOOR : self::ON_TABLE;
        $rows = Variant::Spots === $order->variant ? (int) ceil(min($order->reach, self::MOST_SPOTS) / 5) : 0;
        $wide = $high * match (true) {
            $order->reach >= 100 => 2.4,
            $order->reach >= 10 => 1.75,
            default => 1.6,
        };
        $tall = $high * 1.9 + $rows * self::SPOT_ROW;
        $cells = [];
        for ($copy = 0; $copy < $order->copies; ++$copy) {
            for ($number = 0; $number <= $order->reach; ++$number) {
                $cells[] = static fn (float $x, float $y): array => [
                    ...self::card($order, (string) $number, $x, $y - $rows * self::SPOT_ROW / 2, $high, $wide),
                    ...$rows > 0 && $number <= self::MOST_SPOTS ? self::spots($order, $number, $x, $y + $tall / 2 - $rows * self::SPOT_ROW) : [],
                ];
            }
        }
        $format = new Format($order->paper);

        return Sheet::printed($order, $format, Grid::pages($format, $wide, $tall, $cells), [Tool::Scissors, Tool::Card], \count($cells));
    }

    /** @return list<Mark> a numeral; one that reads otherwise upside down has a bar below */
    public static function card(Order $order, string $numeral, float $x, float $y, float $high, float $wide): array
    {
        $marks = $order->hand->write($numeral, $x, $y - 0.06 * $high, $high, 'ink', 0.82 * $wide);
        if (self::turns($numeral)) {
            $bar = 0.28 * $high;
            $marks[] = new Line($x - $bar, $y + 0.6 * $high, $x + $bar, $y + 0.6 * $high, Stroke::cut());
        }

        return $marks;
    }

    /** Whether it is another numeral upside down: made of 0, 6, 8 and 9 alone, a 6 or a 9 among them. */
    public static function turns(string $numeral): bool
    {
        return 1 === preg_match('/^[0689]*[69][0689]*$/', $numeral);
    }

    /** @return list<Mark> */
    private static function spots(Order $order, int $count, float $x, float $top): array
    {
        $marks = [];
        for ($i = 0; $i < $count; ++$i) {
            $at = $x + ($i % 5 - 2) * self::SPOT_ROW;
            $marks[] = new Oval($at, $top + (intdiv($i, 5) + 0.2) * self::SPOT_ROW, self::SPOT, self::SPOT, Stroke::surface($order->savesInk, 'ink'));
        }

        return $marks;
    }
}
