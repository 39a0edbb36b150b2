<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Child\FrameFilling;
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
            foreach ([[$columns, $lines], [$lines, $columns]] as [$across, $down]) {
                $format = Format::fitting($order->paper, $across * $cell, $down * $cell);
                if (null !== $format) {
                    $page = self::cells($format, $across, $down, $cell);

                    return Sheet::printed($order, $format, array_fill(0, intdiv($frames, $together), $page), [Tool::Scissors], 2 * $frames);
                }
            }
        }
        // Three columns on one page, two on the next: joined they are five.
        $format = Format::fitting($order->paper, 3 * $cell, $short * $cell + self::NOTCH) ?? throw self::tooLong($order, $short);
        $pages = [];
        for ($frame = 0; $frame < $frames; ++$frame) {
            array_push($pages, self::cells($format, 3, $short, $cell, true), self::cells($format, 2, $short, $cell, true));
        }

        return Sheet::printed($order, $format, $pages, [Tool::Scissors, Tool::Glue], 2 * \count($pages));
    }

    private static function tooLong(Order $order, int $lines): InvalidSheet
    {
        $lying = new Format($order->paper, true);

        return $order->tooLong(min(FrameCell::largest($lying->wide, 3), FrameCell::largest($lying->high - self::NOTCH, $lines)));
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
