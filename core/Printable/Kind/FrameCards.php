<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Child\FrameFilling;
use Pindle\Core\Drawing\Box;
use Pindle\Core\Drawing\Mark;
use Pindle\Core\Drawing\Oval;
use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\Grid;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Stroke;
use Pindle\Core\Printable\Tool;
use Pindle\Core\Printable\Variant;
use Pindle\Core\Scene\Frame as Filled;

/** Small frames of ten with 0 to the reach in them, filled the way the child knows; or as many empty ones. */
final class FrameCards
{
    private const CELL = 15.0;
    private const DOT = 10.0;
    private const EDGE = 8.0;

    public static function sheet(Order $order): Sheet
    {
        $upright = FrameFilling::Upright === $order->settings->frameFilling;
        [$columns, $lines] = $upright ? [2, 5] : [5, 2];
        $frames = $order->reach > 10 ? 2 : 1;
        [$wide, $high] = [$columns * self::CELL + 2 * self::EDGE, $frames * ($lines * self::CELL + self::EDGE) + self::EDGE];
        $cells = array_map(static fn (int $number): \Closure => static fn (float $x, float $y): array => self::card(
            $order,
            $number,
            $frames,
            $columns,
            $lines,
            $x,
            $y,
            $high,
        ), range(0, $order->reach));
        $format = new Format($order->paper);

        return Sheet::printed($order, $format, Grid::pages($format, $wide, $high, $cells), [Tool::Scissors, Tool::Card], \count($cells));
    }

    /** @return list<Mark> */
    private static function card(Order $order, int $number, int $frames, int $columns, int $lines, float $x, float $y, float $high): array
    {
        $marks = [];
        for ($frame = 0; $frame < $frames; ++$frame) {
            $left = $x - $columns * self::CELL / 2;
            $top = $y - $high / 2 + self::EDGE + $frame * ($lines * self::CELL + self::EDGE);
            foreach (Filled::order(10, $order->settings->frameFilling) as $i => [$column, $line]) {
                [$atX, $atY] = [$left + ($column + 0.5) * self::CELL, $top + ($line + 0.5) * self::CELL];
                $marks[] = new Box($atX, $atY, self::CELL, self::CELL, 0.0, Stroke::fill());
                if (Variant::Empty !== $order->variant && 10 * $frame + $i < $number) {
                    $marks[] = new Oval($atX, $atY, self::DOT, self::DOT, Stroke::surface($order->savesInk, 'ink'));
                }
            }
        }

        return $marks;
    }
}
