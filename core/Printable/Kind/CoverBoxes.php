<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Drawing\Box;
use Pindle\Core\Printable\Asked;
use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Stroke;
use Pindle\Core\Thing\FrameCell;

/** Boxes that say how many they want, each with room for just so many of the thing and one more: at most five beyond five. */
final class CoverBoxes
{
    public const MOST = 5;
    private const HEAD = 22.0;
    private const NUMERAL = 15.0;
    private const APART = 5.0;
    private const LEAST_WIDE = 34.0;
    private const LABEL = 26.0;
    private const FIND_LABEL = 'label-amount';

    public static function sheet(Order $order): Sheet
    {
        $cell = FrameCell::side($order->side());
        $format = new Format($order->paper);
        $unsaid = self::unsaid($order);
        $pages = [[]];
        [$x, $y, $tall] = [$format->left, $format->top, 0.0];
        foreach (\array_slice(Asked::numbers($order, self::MOST), 0, self::MOST) as $n) {
            [$columns, $lines] = self::room($n, $cell, $format->wide);
            [$wide, $high] = [max(self::LEAST_WIDE, $columns * $cell), self::HEAD + $lines * $cell];
            if ($high > $format->high || $columns * $cell > $format->wide) {
                throw $order->tooLong(min(FrameCell::largest($format->wide, 2), FrameCell::largest($format->high - self::HEAD, 1 + intdiv($n, 2))));
            }
            if ($x + $wide > $format->left + $format->wide) {
                [$x, $y, $tall] = [$format->left, $y + $tall + self::APART, 0.0];
            }
            if ($y + $high > $format->bottom()) {
                $pages[] = [];
                [$x, $y, $tall] = [$format->left, $format->top, 0.0];
            }
            array_push(
                $pages[\count($pages) - 1],
                new Box($x + $wide / 2, $y + $high / 2, $wide, $high, 3.0, Stroke::cut()),
                ...\in_array($n, $unsaid, true)
                    ? [new Box($x + $wide / 2, $y + self::HEAD / 2, self::LABEL, 0.8 * self::HEAD, 2.0, Stroke::fold())]
                    : NumeralCards::card($order, (string) $n, $x + $wide / 2, $y + self::HEAD / 2, self::NUMERAL, $wide),
            );
            $x += $wide + self::APART;
            $tall = max($tall, $high);
        }

        return Sheet::printed($order, $format, $pages, [], 0);
    }

    /** @return list<int> numbers that are to be found for what is covered: their boxes have a place for the label */
    private static function unsaid(Order $order): array
    {
        $said = $found = [];
        foreach ($order->prompts as $prompt) {
            if (self::FIND_LABEL === $prompt->ask) {
                $found[] = $prompt->amounts()->n;
            } else {
                $said[] = $prompt->amounts()->n;
            }
        }

        return array_values(array_diff($found, $said));
    }

    /**
     * Columns and lines with room for so many and one more, about as wide as high.
     *
     * @return array{int, int}
     */
    public static function room(int $n, float $cell, float $wide): array
    {
        $columns = max(1, min((int) floor($wide / $cell), (int) ceil(sqrt($n + 1))));

        return [$columns, (int) ceil(($n + 1) / $columns)];
    }
}
