<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Drawing\Box;
use Pindle\Core\Drawing\Line as Stroked;
use Pindle\Core\Drawing\Mark;
use Pindle\Core\Drawing\Path;
use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\InvalidSheet;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\SheetKind;
use Pindle\Core\Printable\Stroke;
use Pindle\Core\Printable\Tool;
use Pindle\Core\Printable\Variant;

/**
 * A line from nought, or a track of fields, in steps of the thing that lies on it, over as many pages as it takes: where two meet, the last step of
 * the one is the first of the next, both marked.
 */
final class Line
{
    /** Room before the first and after the last step of a page, in millimetres. */
    public const END = 7.5;
    /** Between one row and the next on a page. */
    private const ROW = 46.0;
    private const TICK = 5.0;
    private const NUMERAL = 11.0;
    private const JOIN = 3.0;

    /** @throws InvalidSheet when one step is longer than a page */
    public static function sheet(Order $order): Sheet
    {
        $unit = $order->side();
        $best = null;
        foreach ([new Format($order->paper), new Format($order->paper, true)] as $format) {
            $steps = (int) floor(($format->wide - 2 * self::END) / $unit + 1e-6);
            $pieces = $steps < 1 ? \PHP_INT_MAX : (int) ceil($order->reach / $steps);
            $pages = (int) ceil($pieces / self::rows($format));
            if ($steps >= 1 && (null === $best || $pieces < $best[2] || ($pieces === $best[2] && $pages < $best[3]))) {
                $best = [$format, $steps, $pieces, $pages];
            }
        }
        [$format, $steps, $pieces] = $best ?? throw $order->tooLong((new Format($order->paper, true))->wide - 2 * self::END);
        $rows = [];
        for ($from = 0; $from < $order->reach; $from += $steps) {
            $rows[] = [$from, min($order->reach, $from + $steps)];
        }
        $marks = array_map(static fn (array $some): array => array_merge(...array_map(
            static fn (array $row, int $i): array => self::row($order, $format, $unit, $row[0], $row[1], $format->top + (0.45 + $i) * self::ROW),
            $some,
            array_keys($some),
        )), array_chunk($rows, max(1, self::rows($format))));

        return Sheet::printed($order, $format, $marks, $pieces > 1 ? [Tool::Scissors, Tool::Glue] : [Tool::Scissors], 4 * $pieces);
    }

    private static function rows(Format $format): int
    {
        return max(1, (int) floor($format->high / self::ROW));
    }

    /** @return list<Mark> */
    private static function row(Order $order, Format $format, float $unit, int $from, int $to, float $y): array
    {
        $left = $format->left + self::END;
        $right = $left + ($to - $from) * $unit;
        $marks = SheetKind::Track === $order->kind ? [] : [new Stroked($left, $y, $right, $y, Stroke::cut())];
        for ($number = $from; $number <= $to; ++$number) {
            $x = $left + ($number - $from) * $unit;
            $most = 0.92 * $unit;
            if (SheetKind::Track === $order->kind) {
                // A field a number, from one on.
                if ($number > $from) {
                    $marks[] = new Box($x - $unit / 2, $y, $unit, min(30.0, $unit), 0.0, Stroke::fill());
                    array_push($marks, ...self::numeral($order, $number, $x - $unit / 2, $y, min(self::NUMERAL, 0.6 * $unit), 0.8 * $unit));
                }
                continue;
            }
            // Five and ten stand out.
            $tick = 0 === $number % 5 ? 1.6 * self::TICK : self::TICK;
            $marks[] = new Stroked($x, $y - $tick, $x, $y + $tick, 0 === $number % 10 ? Stroke::cut() : Stroke::fill());
            array_push($marks, ...self::numeral($order, $number, $x, $y + 1.6 * self::TICK + self::NUMERAL, min(self::NUMERAL, $most), $most));
        }
        foreach ([$from > 0 ? $left : null, $to < $order->reach ? $right : null] as $join) {
            if (null !== $join) {
                $top = $y - 2.6 * self::TICK;
                $arrow = \sprintf('M%.2F %.2Fh%.2Fl%.2F %.2Fz', $join - self::JOIN, $top, 2 * self::JOIN, -self::JOIN, self::JOIN);
                $marks[] = new Path($arrow, Stroke::surface(true));
            }
        }

        return $marks;
    }

    /** @return list<Mark> a numeral, a box for one that is left out, or nothing */
    private static function numeral(Order $order, int $number, float $x, float $y, float $high, float $wide): array
    {
        return match (true) {
            Variant::Plain === $order->variant => [],
            Variant::Blanks === $order->variant && self::isBlank($number, $order->seed) => SheetKind::Track === $order->kind
                ? []
                : [new Box($x, $y, min(1.2 * $high, $wide), 1.2 * $high, 1.0, Stroke::fold())],
            default => $order->hand->write((string) $number, $x, $y, $high, 'ink', $wide),
        };
    }

    /** About four in ten are left out, never nought, five or ten: they hold the line together. */
    public static function isBlank(int $number, int $seed): bool
    {
        return $number % 5 > 0 && \in_array(($number + $seed) % 5, [1, 3], true);
    }
}
