<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Drawing\Box;
use Pindle\Core\Drawing\Line as Stroked;
use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\InvalidSheet;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Stroke;
use Pindle\Core\Printable\Tool;
use Pindle\Core\Thing\FrameCell;

/** Frames of five or ten whose cells hold the very thing: its longest side and room for small fingers. More than ten is two frames, edge to edge. */
final class Frame
{
    /** How long the mark is at which two pages are joined, in millimetres. */
    private const NOTCH = 3.0;

    /** @throws InvalidSheet when no frame of five cells fits a page, even over two */
    public static function sheet(Order $order): Sheet
    {
        $cell = FrameCell::side($order->side());
        [$columns, $lines] = $order->reach <= 5 ? [5, 1] : [5, 2];
        $frames = $order->reach > 10 ? 2 : 1;
        $format = Format::fitting($order->paper, $columns * $cell, $lines * $cell)
            ?? Format::fitting($order->paper, $lines * $cell, $columns * $cell);
        if (null !== $format) {
            $isTurned = $columns * $cell > $format->wide;
            $page = self::cells($format, $isTurned ? $lines : $columns, $isTurned ? $columns : $lines, $cell);

            return Sheet::printed($order, $format, array_fill(0, $frames, $page), [Tool::Scissors], 2 * $frames);
        }
        // Three columns on one page, two on the next: joined they are five.
        $format = Format::fitting($order->paper, 3 * $cell, $lines * $cell + self::NOTCH) ?? throw self::tooLong($order, $lines);
        $pages = [];
        for ($frame = 0; $frame < $frames; ++$frame) {
            array_push($pages, self::cells($format, 3, $lines, $cell, true), self::cells($format, 2, $lines, $cell, true));
        }

        return Sheet::printed($order, $format, $pages, [Tool::Scissors, Tool::Glue], 2 * \count($pages));
    }

    private static function tooLong(Order $order, int $lines): InvalidSheet
    {
        $lying = new Format($order->paper, true);
        $thing = $order->thing ?? throw InvalidSheet::noThing();

        return InvalidSheet::tooLong($thing, (int) floor(min(FrameCell::largest($lying->wide, 3), FrameCell::largest($lying->high, $lines))));
    }

    /** @return list<\Pindle\Core\Drawing\Mark> */
    private static function cells(Format $format, int $columns, int $lines, float $cell, bool $isJoined = false): array
    {
        $left = $format->left + ($format->wide - $columns * $cell) / 2;
        $top = $format->top + ($isJoined ? self::NOTCH : 0.0);
        $marks = [];
        for ($column = 0; $column < $columns; ++$column) {
            for ($line = 0; $line < $lines; ++$line) {
                $marks[] = new Box($left + ($column + 0.5) * $cell, $top + ($line + 0.5) * $cell, $cell, $cell, 0.0, Stroke::fill());
            }
        }
        // The edge is cut along; where it is joined a notch on the line says so.
        $marks[] = new Box($left + $columns * $cell / 2, $top + $lines * $cell / 2, $columns * $cell, $lines * $cell, 0.0, Stroke::cut());
        foreach ($isJoined ? [$left, $left + $columns * $cell] : [] as $x) {
            $marks[] = new Stroked($x, $format->top, $x, $top, Stroke::cut());
        }

        return $marks;
    }
}
