<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Drawing\Line as Stroked;
use Pindle\Core\Drawing\Oval;
use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Stroke;
use Pindle\Core\Printable\Tool;

/** A round with an equal field for each number from one to the reach; a paper clip about the point of a pencil turns on it. */
final class Spinner
{
    private const RADIUS = 85.0;
    private const NUMERALS = 0.78;
    private const HIGH = 16.0;
    private const PIVOT = 2.0;

    public static function sheet(Order $order): Sheet
    {
        $format = new Format($order->paper);
        [$x, $y] = [$format->middle(), $format->top + self::RADIUS + 5.0];
        $marks = [new Oval($x, $y, 2 * self::RADIUS, 2 * self::RADIUS, Stroke::cut()), new Oval($x, $y, self::PIVOT, self::PIVOT, Stroke::fill())];
        for ($field = 0; $field < $order->reach; ++$field) {
            $edge = 2 * \M_PI * $field / $order->reach - \M_PI / 2;
            $middle = 2 * \M_PI * ($field + 0.5) / $order->reach - \M_PI / 2;
            $marks[] = new Stroked($x, $y, $x + self::RADIUS * cos($edge), $y + self::RADIUS * sin($edge), Stroke::fill());
            $room = 2 * \M_PI * self::NUMERALS * self::RADIUS / $order->reach;
            array_push($marks, ...NumeralCards::card(
                $order,
                (string) ($field + 1),
                $x + self::NUMERALS * self::RADIUS * cos($middle),
                $y + self::NUMERALS * self::RADIUS * sin($middle),
                min(self::HIGH, 0.6 * $room),
                $room,
            ));
        }

        return Sheet::printed($order, $format, [$marks], [Tool::Scissors, Tool::Card, Tool::PaperClip], 1);
    }
}
