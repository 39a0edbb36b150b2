<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\Grid;
use Pindle\Core\Printable\Movement;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Tool;

/** Six movements on cards to turn over; two of them without a sound where they are counted in the head. */
final class MovementCards
{
    private const SIDE = 88.0;
    private const HIGH = 50.0;

    public static function sheet(Order $order): Sheet
    {
        $cells = array_map(static fn (Movement $one): \Closure => static fn (float $x, float $y): array => $one->drawn(
            $order->hand,
            $x,
            $y,
            self::HIGH,
        ), Movement::of($order->variant));
        $format = new Format($order->paper);

        return Sheet::printed($order, $format, Grid::pages($format, self::SIDE, self::SIDE, $cells), [Tool::Scissors, Tool::Card], \count($cells));
    }
}
