<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Child\WayIn;
use Pindle\Core\Drawing\Box;
use Pindle\Core\Drawing\Line as Stroked;
use Pindle\Core\Drawing\Mark;
use Pindle\Core\Drawing\Paint;
use Pindle\Core\Drawing\Path;
use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\Hatch;
use Pindle\Core\Printable\InvalidSheet;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Stroke;
use Pindle\Core\Printable\Tool;

/**
 * Strips from one to the reach, two of each, in the unit of a line, so that they lie on it. One to ten twice are 110 units. One that is longer than the
 * paper is joined, at a whole unit. Where a child meets amounts as bars each length has a pattern of its own.
 */
final class Strips
{
    private const OF_EACH = 2;
    private const HIGH = 20.0;
    private const JOIN = 3.0;
    /** Between the lines of a pattern in millimetres, the shortest strip first; then it begins again the other way round. */
    private const GAPS = [2.5, 4.0, 6.0, 9.0, 13.0];

    /** @throws InvalidSheet when one unit is longer than a page */
    public static function sheet(Order $order): Sheet
    {
        $unit = $order->side();
        $lying = new Format($order->paper, true);
        $format = Format::fitting($order->paper, $order->reach * $unit, self::HIGH) ?? $lying;
        $room = (int) floor($format->wide / $unit + 1e-6);
        if ($room < 1) {
            throw $order->tooLong($lying->wide);
        }
        $pieces = [];
        for ($length = $order->reach; $length >= 1; --$length) {
            for ($nth = 0; $nth < self::OF_EACH; ++$nth) {
                for ($from = 0; $from < $length; $from += $room) {
                    $pieces[] = [min($room, $length - $from), $from, $length];
                }
            }
        }
        usort($pieces, static fn (array $one, array $other): int => $other[0] <=> $one[0]);
        $perPage = max(1, (int) floor($format->high / self::HIGH));
        $rows = self::packed($pieces, $room);
        $pages = array_map(static fn (array $rows): array => array_merge(...array_map(
            static fn (array $row, int $i): array => self::row($order, $format, $unit, $row, $format->top + ($i + 0.5) * self::HIGH),
            $rows,
            array_keys($rows),
        )), array_chunk($rows, $perPage));
        $isJoined = \count($pieces) > self::OF_EACH * $order->reach;

        return Sheet::printed(
            $order,
            $format,
            $pages,
            $isJoined ? [Tool::Scissors, Tool::Glue, Tool::Card] : [Tool::Scissors, Tool::Card],
            \count($pieces),
        );
    }

    /**
     * The longest first, each in the first row that has room: as little paper as needed.
     *
     * @param list<array{int, int, int}> $pieces units, the longest first, with where they begin and how long the whole strip is
     *
     * @return list<list<array{int, int, int}>>
     */
    public static function packed(array $pieces, int $room): array
    {
        /** @var array<int, list<array{int, int, int}>> $rows */
        $rows = [];
        foreach ($pieces as $piece) {
            /** @var array<int, list<array{int, int, int}>> $fits */
            $fits = array_filter($rows, static fn (array $row): bool => array_sum(array_column($row, 0)) + $piece[0] <= $room);
            $rows[array_key_first($fits) ?? \count($rows)][] = $piece;
        }

        return array_values($rows);
    }

    /**
     * @param list<array{int, int, int}> $pieces
     *
     * @return list<Mark>
     */
    private static function row(Order $order, Format $format, float $unit, array $pieces, float $y): array
    {
        $marks = [];
        $x = $format->left;
        foreach ($pieces as [$length, $from, $whole]) {
            if (WayIn::Bars === $order->settings->wayIn) {
                $gap = self::GAPS[($whole - 1) % \count(self::GAPS)];
                array_push($marks, ...Hatch::box($x, $y - self::HIGH / 2, $length * $unit, self::HIGH, $gap, intdiv($whole - 1, \count(self::GAPS)) % 2 > 0));
            }
            $marks[] = new Box($x + $length * $unit / 2, $y, $length * $unit, self::HIGH, 0.0, Stroke::cut());
            for ($one = 1; $one < $length; ++$one) {
                // Fives are told at a glance.
                $at = $x + $one * $unit;
                $marks[] = new Stroked($at, $y - self::HIGH / 2, $at, $y + self::HIGH / 2, 0 === ($from + $one) % 5 ? Stroke::cut() : Stroke::fine());
            }
            if (0 === $from) {
                $high = min(10.0, 0.7 * $unit);
                $marks[] = new Box($x + $unit / 2, $y, 0.9 * $unit, min(0.9 * self::HIGH, 1.5 * $high), 1.0, new Paint('white'));
                array_push($marks, ...$order->hand->write((string) $whole, $x + $unit / 2, $y, $high, 'ink', 0.8 * $unit));
            }
            foreach ([$from > 0 ? $x : null, $from + $length < $whole ? $x + $length * $unit : null] as $i => $join) {
                $marks = null === $join ? $marks : [...$marks, new Path(
                    \sprintf('M%.2F %.2Fv%.2Fl%.2F %.2Fz', $join, $y - self::JOIN / 2, self::JOIN, (0 === $i ? 1 : -1) * self::JOIN, -self::JOIN / 2),
                    Stroke::surface(true),
                )];
            }
            $x += $length * $unit;
        }

        return $marks;
    }
}
