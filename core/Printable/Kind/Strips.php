<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Drawing\Box;
use Pindle\Core\Drawing\Line as Stroked;
use Pindle\Core\Drawing\Mark;
use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\InvalidSheet;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Stroke;
use Pindle\Core\Printable\Tool;

/** Strips from one to the reach, two of each, in the unit of a line, so that they lie on it. One to ten twice are 110 units. */
final class Strips
{
    private const OF_EACH = 2;
    private const HIGH = 20.0;

    /** @throws InvalidSheet when the longest strip is longer than a page */
    public static function sheet(Order $order): Sheet
    {
        $unit = $order->side();
        $format = Format::fitting($order->paper, $order->reach * $unit, self::HIGH)
            ?? throw self::tooLong($order);
        $strips = [];
        for ($length = $order->reach; $length >= 1; --$length) {
            array_push($strips, ...array_fill(0, self::OF_EACH, $length));
        }
        $perPage = max(1, (int) floor($format->high / self::HIGH));
        $pages = array_map(static fn (array $rows): array => array_merge(...array_map(
            static fn (array $row, int $i): array => self::row($order, $format, $unit, $row, $format->top + ($i + 0.5) * self::HIGH),
            $rows,
            array_keys($rows),
        )), array_chunk(self::packed($strips, (int) floor($format->wide / $unit + 1e-6)), $perPage));

        return Sheet::printed($order, $format, $pages, [Tool::Scissors, Tool::Card], \count($strips));
    }

    private static function tooLong(Order $order): InvalidSheet
    {
        $thing = $order->thing ?? throw InvalidSheet::noThing();

        return InvalidSheet::tooLong($thing, (int) floor((new Format($order->paper, true))->wide / $order->reach));
    }

    /**
     * The longest first, each in the first row that has room: as little paper as needed.
     *
     * @param list<int> $strips in units, the longest first
     *
     * @return list<list<int>>
     */
    public static function packed(array $strips, int $room): array
    {
        /** @var array<int, list<int>> $rows */
        $rows = [];
        foreach ($strips as $length) {
            /** @var array<int, list<int>> $fits */
            $fits = array_filter($rows, static fn (array $row): bool => array_sum($row) + $length <= $room);
            $rows[array_key_first($fits) ?? \count($rows)][] = $length;
        }

        return array_values($rows);
    }

    /**
     * @param list<int> $lengths
     *
     * @return list<Mark>
     */
    private static function row(Order $order, Format $format, float $unit, array $lengths, float $y): array
    {
        $marks = [];
        $x = $format->left;
        foreach ($lengths as $length) {
            $marks[] = new Box($x + $length * $unit / 2, $y, $length * $unit, self::HIGH, 0.0, Stroke::cut());
            for ($one = 1; $one < $length; ++$one) {
                // Fives are told at a glance.
                $at = $x + $one * $unit;
                $marks[] = new Stroked($at, $y - self::HIGH / 2, $at, $y + self::HIGH / 2, 0 === $one % 5 ? Stroke::cut() : Stroke::fine());
            }
            array_push($marks, ...$order->hand->write((string) $length, $x + $unit / 2, $y, min(10.0, 0.7 * $unit), 'ink', 0.8 * $unit));
            $x += $length * $unit;
        }

        return $marks;
    }
}
