<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Drawing\Box;
use Pindle\Core\Drawing\Mark;
use Pindle\Core\Printable\Asked;
use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\Grid;
use Pindle\Core\Printable\Hatch;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Stroke;
use Pindle\Core\Printable\Tool;

/** Towers in two colours, told apart by hatching too, as high as the things themselves where they fit the paper. */
final class TowerCards
{
    private const COUNT = 10;
    private const EDGE = 8.0;
    /** Of a cell where no thing lies on it, or it is too large, in millimetres. */
    private const CELL = 12.0;

    public static function sheet(Order $order): Sheet
    {
        $format = new Format($order->paper);
        $pairs = Asked::pairs($order, self::COUNT);
        $most = max(array_map(array_sum(...), $pairs));
        $side = $order->thing->size->long ?? self::CELL;
        $cell = $most * $side + 2 * self::EDGE > $format->high || $side + 2 * self::EDGE > $format->wide ? self::CELL : $side;
        $high = $most * $cell + 2 * self::EDGE;
        $cells = array_map(static fn (array $pair): \Closure => static fn (float $x, float $y): array => self::tower(
            $pair,
            $x,
            $y + $high / 2 - self::EDGE,
            $cell,
        ), $pairs);

        return Sheet::printed($order, $format, Grid::pages($format, $cell + 2 * self::EDGE, $high, $cells), [Tool::Scissors, Tool::Card], \count($cells));
    }

    /**
     * @param array{int, int} $pair from the bottom
     *
     * @return list<Mark>
     */
    private static function tower(array $pair, float $x, float $bottom, float $cell): array
    {
        $marks = [];
        for ($i = 0; $i < array_sum($pair); ++$i) {
            $y = $bottom - ($i + 0.5) * $cell;
            if ($i < $pair[0]) {
                array_push($marks, ...Hatch::box($x - $cell / 2, $y - $cell / 2, $cell, $cell, 2.5));
            }
            $marks[] = new Box($x, $y, $cell, $cell, 0.0, Stroke::fill());
        }

        return $marks;
    }
}
