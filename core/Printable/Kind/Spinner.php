<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Drawing\Line as Stroked;
use Pindle\Core\Drawing\Oval;
use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\Movement;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Stroke;
use Pindle\Core\Printable\Tool;
use Pindle\Core\Printable\Variant;

/** A round with an equal field for each number from one to the reach, or for six movements; a paper clip about the point of a pencil turns on it. */
final class Spinner
{
    private const RADIUS = 85.0;
    private const NUMERALS = 0.78;
    private const HIGH = 16.0;
    private const PICTURES = 0.62;
    private const PICTURE = 36.0;
    private const PIVOT = 2.0;

    public static function sheet(Order $order): Sheet
    {
        $format = new Format($order->paper);
        [$x, $y] = [$format->middle(), $format->top + self::RADIUS + 5.0];
        $marks = [new Oval($x, $y, 2 * self::RADIUS, 2 * self::RADIUS, Stroke::cut()), new Oval($x, $y, self::PIVOT, self::PIVOT, Stroke::fill())];
        $movements = Variant::Usual === $order->variant ? [] : Movement::of($order->variant);
        $fields = [] === $movements ? $order->reach : \count($movements);
        for ($field = 0; $field < $fields; ++$field) {
            $edge = 2 * \M_PI * $field / $fields - \M_PI / 2;
            $middle = 2 * \M_PI * ($field + 0.5) / $fields - \M_PI / 2;
            $marks[] = new Stroked($x, $y, $x + self::RADIUS * cos($edge), $y + self::RADIUS * sin($edge), Stroke::fill());
            if ([] !== $movements) {
                [$atX, $atY] = [$x + self::PICTURES * self::RADIUS * cos($middle), $y + self::PICTURES * self::RADIUS * sin($middle)];
                array_push($marks, ...$movements[$field]->drawn($order->hand, $atX, $atY, self::PICTURE));
                continue;
            }
            $room = 2 * \M_PI * self::NUMERALS * self::RADIUS / $fields;
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
