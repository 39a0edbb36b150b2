<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Drawing\Line as Stroked;
use Pindle\Core\Drawing\Text;
use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Stroke;

/** A table for guesses: what it was, the guess, the count, and whether it was closer than before. */
final class GuessTable
{
    private const ROWS = 8;
    private const HEAD = 16.0;
    private const SMALL = 4.0;
    /** The columns, in parts of the width. */
    private const COLUMNS = ['guess-thing' => 0.3, 'guess-guess' => 0.17, 'guess-counted' => 0.19, 'guess-closer' => 0.34];

    public static function sheet(Order $order): Sheet
    {
        $format = new Format($order->paper);
        $row = ($format->high - self::HEAD) / self::ROWS;
        $marks = [];
        for ($line = 0; $line <= self::ROWS; ++$line) {
            $y = $format->top + self::HEAD + $line * $row;
            $marks[] = new Stroked($format->left, $y, $format->left + $format->wide, $y, Stroke::fill());
        }
        $x = $format->left;
        foreach (self::COLUMNS as $message => $part) {
            $marks[] = new Text($x + $part * $format->wide / 2, $format->top + self::HEAD / 2 - self::SMALL, self::SMALL, $message, [], 'ink');
            $marks[] = new Stroked($x, $format->top + self::HEAD, $x, $format->top + $format->high, Stroke::fill());
            $x += $part * $format->wide;
        }
        $marks[] = new Stroked($x, $format->top + self::HEAD, $x, $format->top + $format->high, Stroke::fill());

        return Sheet::printed($order, $format, [$marks], [], 0);
    }
}
