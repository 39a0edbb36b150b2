<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Drawing\Path;
use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\Grid;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Stroke;
use Pindle\Core\Printable\Tool;
use Pindle\Core\Question\Shape;
use Pindle\Core\Scene\OneShape;

/** Every shape that is asked about, drawn large on a card of its own: the flat ones, then the solid ones as they are seen. */
final class ShapeCards
{
    private const SIDE = 52.0;
    /** Of the outline, which is about a hundred wide. */
    private const SCALE = 0.4;

    public static function sheet(Order $order): Sheet
    {
        $pen = Stroke::cut();
        $cells = array_map(static fn (Shape $shape): \Closure => static fn (float $x, float $y): array => [
            new Path(OneShape::outline($shape), $pen->times(1 / self::SCALE), $x, $y, self::SCALE),
        ], Shape::cases());
        $format = new Format($order->paper);

        return Sheet::printed($order, $format, Grid::pages($format, self::SIDE, self::SIDE, $cells), [Tool::Scissors, Tool::Card], \count($cells));
    }
}
