<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Drawing\Box;
use Pindle\Core\Drawing\Line as Stroked;
use Pindle\Core\Drawing\Mark;
use Pindle\Core\Drawing\Text;
use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\Hatch;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Stroke;

/** Columns for hundreds, tens and ones: ten of one lie down as one of the next. */
final class ExchangeMat
{
    private const HEAD = 32.0;
    private const SMALL = 6.0;

    public static function sheet(Order $order): Sheet
    {
        $format = new Format($order->paper, true);
        $columns = $order->reach > 100 ? ['hundreds', 'tens', 'ones'] : ['tens', 'ones'];
        $wide = $format->wide / \count($columns);
        $marks = [new Box($format->middle(), $format->top + $format->high / 2, $format->wide, $format->high, 0.0, Stroke::cut())];
        $marks[] = new Stroked($format->left, $format->top + self::HEAD, $format->left + $format->wide, $format->top + self::HEAD, Stroke::fill());
        foreach ($columns as $i => $name) {
            $x = $format->left + ($i + 0.5) * $wide;
            if ($i > 0) {
                $marks[] = new Stroked($x - $wide / 2, $format->top, $x - $wide / 2, $format->bottom(), Stroke::cut());
            }
            $marks[] = new Text($x, $format->top + 2.0, self::SMALL, $name, [], 'ink');
            array_push($marks, ...self::sign($name, $x, $format->top + 0.65 * self::HEAD));
        }

        return Sheet::printed($order, $format, [$marks], [], 0);
    }

    /** @return list<Mark> a single, a bundle tied about its middle, a mat of ten bundles */
    private static function sign(string $name, float $x, float $y): array
    {
        return match ($name) {
            'ones' => [new Box($x, $y, 3.0, 16.0, 0.8, Stroke::fill())],
            'tens' => [new Box($x, $y, 12.0, 16.0, 0.8, Stroke::fill()), new Box($x, $y, 14.0, 4.0, 0.0, Stroke::fill())],
            default => [new Box($x, $y, 16.0, 16.0, 0.0, Stroke::fill()), ...Hatch::box($x - 8.0, $y - 8.0, 16.0, 16.0, 2.0)],
        };
    }
}
