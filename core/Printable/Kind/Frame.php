<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Child\FrameFilling;
use Pindle\Core\Drawing\Box;
use Pindle\Core\Drawing\Line as Stroked;
use Pindle\Core\Drawing\Mark;
use Pindle\Core\Drawing\Oval;
use Pindle\Core\Drawing\Paint;
use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\InvalidSheet;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Stroke;
use Pindle\Core\Printable\Tool;
use Pindle\Core\Scene\Frame as Filled;
use Pindle\Core\Thing\FrameCell;

/**
 * Frames of five or ten whose cells hold the very thing: its longest side and room for small fingers. More than ten is two frames, edge to edge. A dot
 * where filling begins and a line to the place that is next say how the child fills it.
 */
final class Frame
{
    /** How long the mark is at which two pages are joined, in millimetres. */
    private const NOTCH = 3.0;
    private const DOT = 2.0;

    /** @throws InvalidSheet when no frame fits a page, even over two */
    public static function sheet(Order $order): Sheet
    {
        $cell = FrameCell::side($order->side());
        [$long, $short] = $order->reach <= 5 ? [5, 1] : [5, 2];
        $frames = $order->reach > 10 ? 2 : 1;
        $isUpright = $order->reach > 5 && FrameFilling::Upright === $order->settings->frameFilling;
        foreach (1 === $frames ? [1] : [2, 1] as $together) {
            // Two lie edge to edge along their longer side.
            [$columns, $lines] = $isUpright ? [$together * $short, $long] : [$long, $together * $short];
            $starts = self::starts($order, $long * $short, $together, $isUpright);
            $turned = array_map(static fn (array $way): array => array_map(static fn (array $at): array => [$at[1], $columns - 1 - $at[0]], $way), $starts);
            foreach ([[$columns, $lines, $starts], [$lines, $columns, $turned]] as [$across, $down, $marked]) {
                $format = Format::fitting($order->paper, $across * $cell, $down * $cell);
                if (null !== $format) {
                    $left = $format->left + ($format->wide - $across * $cell) / 2;
                    $page = [...self::cells($left, $format->top, $across, $down, $cell), ...self::marks($left, $format->top, $cell, $marked)];

                    return Sheet::printed($order, $format, array_fill(0, intdiv($frames, $together), $page), [Tool::Scissors], 2 * $frames);
                }
            }
        }

        return self::joined($order, $cell, $short, $frames, $isUpright);
    }

    /**
     * Three columns on one page, two on the next: joined they are five. An upright one is joined row to row.
     *
     * @throws InvalidSheet
     */
    private static function joined(Order $order, float $cell, int $short, int $frames, bool $isUpright): Sheet
    {
        [$wide, $high] = [3 * $cell, $short * $cell + self::NOTCH];
        $format = $isUpright ? Format::fitting($order->paper, $high, $wide) : Format::fitting($order->paper, $wide, $high);
        $format ?? throw self::tooLong($order, $short);
        $start = self::starts($order, 5 * $short, 1, $isUpright)[0];
        $pages = [];
        foreach ([[0, 3], [3, 2]] as [$from, $count]) {
            [$across, $down] = $isUpright ? [$short, $count] : [$count, $short];
            $left = $format->left + ($isUpright ? self::NOTCH : ($format->wide - $across * $cell) / 2);
            $top = $format->top + ($isUpright ? 0.0 : self::NOTCH);
            $marks = self::cells($left, $top, $across, $down, $cell);
            foreach ([0.0, 1.0] as $end) {
                // Where it is joined a notch on the line says so.
                $marks[] = $isUpright
                    ? new Stroked($format->left, $top + $end * $down * $cell, $left, $top + $end * $down * $cell, Stroke::cut())
                    : new Stroked($left + $end * $across * $cell, $format->top, $left + $end * $across * $cell, $top, Stroke::cut());
            }
            $here = array_map(static fn (array $at): array => $isUpright ? [$at[0], $at[1] - $from] : [$at[0] - $from, $at[1]], $start);
            $isHere = [] === array_filter($here, static fn (array $at): bool => $at[0] < 0 || $at[0] >= $across || $at[1] < 0 || $at[1] >= $down);
            $pages[] = [...$marks, ...$isHere ? self::marks($left, $top, $cell, [$here]) : []];
        }
        $pages = array_merge(...array_fill(0, $frames, $pages));

        return Sheet::printed($order, $format, $pages, [Tool::Scissors, Tool::Glue], 2 * \count($pages));
    }

    private static function tooLong(Order $order, int $lines): InvalidSheet
    {
        $lying = new Format($order->paper, true);

        return $order->tooLong(min(FrameCell::largest($lying->wide, 3), FrameCell::largest($lying->high - self::NOTCH, $lines)));
    }

    /** @return non-empty-list<list<array{int, int}>> column and line of the first and the second place of each frame */
    private static function starts(Order $order, int $places, int $frames, bool $isUpright): array
    {
        $first = \array_slice(Filled::order($places, $order->settings->frameFilling), 0, 2);

        return array_map(static fn (int $nth): array => array_map(
            static fn (array $at): array => $isUpright ? [$at[0] + 2 * $nth, $at[1]] : [$at[0], $at[1] + 2 * $nth],
            $first,
        ), range(0, $frames - 1));
    }

    /** @return list<Mark> the edge is cut along */
    private static function cells(float $left, float $top, int $columns, int $lines, float $cell): array
    {
        $marks = [];
        for ($column = 0; $column < $columns; ++$column) {
            for ($line = 0; $line < $lines; ++$line) {
                $marks[] = new Box($left + ($column + 0.5) * $cell, $top + ($line + 0.5) * $cell, $cell, $cell, 0.0, Stroke::fill());
            }
        }

        return [...$marks, new Box($left + $columns * $cell / 2, $top + $lines * $cell / 2, $columns * $cell, $lines * $cell, 0.0, Stroke::cut())];
    }

    /**
     * @param list<list<array{int, int}>> $ways column and line of the first place and the next
     *
     * @return list<Mark> a dot in the first, and a fine line a quarter of the way to the second
     */
    private static function marks(float $left, float $top, float $cell, array $ways): array
    {
        $marks = [];
        foreach ($ways as [$from, $to]) {
            [$x, $y] = [$left + ($from[0] + 0.5) * $cell, $top + ($from[1] + 0.5) * $cell];
            $marks[] = new Oval($x, $y, self::DOT, self::DOT, new Paint('soft'));
            $marks[] = new Stroked($x, $y, $x + 0.25 * $cell * ($to[0] - $from[0]), $y + 0.25 * $cell * ($to[1] - $from[1]), Stroke::fine());
        }

        return $marks;
    }
}
