<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Drawing\Box;
use Pindle\Core\Drawing\Mark;
use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Stroke;
use Pindle\Core\Question\Kind\Join;
use Pindle\Core\Question\Kind\Take;
use Pindle\Core\Question\Prompt;

/** Sums in numerals with a box big enough to write in and room for things beside each; the answers on a page of their own for the parent. */
final class SumPage
{
    private const ROWS = 6;
    private const NUMERAL = 15.0;
    private const BOX = 24.0;

    public static function sheet(Order $order): Sheet
    {
        $format = new Format($order->paper);
        $prompts = $order->prompts ?: self::usual($order);
        $pages = $answers = [];
        foreach (array_chunk($prompts, self::ROWS) as $some) {
            $row = $format->high / self::ROWS;
            $marks = $solved = [];
            foreach ($some as $i => $prompt) {
                $y = $format->top + ($i + 0.5) * $row;
                array_push($marks, ...self::sum($order, $format, $prompt, $y, $row, false));
                array_push($solved, ...self::sum($order, $format, $prompt, $y, $row, true));
            }
            $pages[] = $marks;
            $answers[] = $solved;
        }

        return Sheet::printed($order, $format, [...$pages, ...$answers], [], 0);
    }

    /** @return list<Mark> */
    private static function sum(Order $order, Format $format, Prompt $prompt, float $y, float $row, bool $isSolved): array
    {
        $amounts = $prompt->amounts();
        $isTaken = $prompt instanceof Take;
        $signs = [(string) ($isTaken ? $amounts->n : $amounts->a), $isTaken ? '−' : '+', (string) $amounts->b, '='];
        $step = 0.75 * self::BOX;
        $marks = [];
        foreach ($signs as $i => $sign) {
            array_push($marks, ...$order->hand->write($sign, $format->left + ($i + 0.5) * $step, $y, self::NUMERAL, 'ink', 0.9 * $step));
        }
        $x = $format->left + 4 * $step + self::BOX / 2;
        $marks[] = new Box($x, $y, self::BOX, self::BOX, 2.0, Stroke::fill());
        if ($isSolved) {
            $answer = $isTaken ? $amounts->n - $amounts->b : $amounts->a + $amounts->b;
            array_push($marks, ...$order->hand->write((string) $answer, $x, $y, self::NUMERAL, 'soft', 0.8 * self::BOX));
        }
        // Here the things lie.
        $left = $x + self::BOX / 2 + 8.0;
        $marks[] = new Box(($left + $format->left + $format->wide) / 2, $y, $format->left + $format->wide - $left, 0.8 * $row, 4.0, Stroke::fold());

        return $marks;
    }

    /** @return list<Prompt> where nothing else is asked for: sums within the reach, spread over it, a nought and a double among them */
    private static function usual(Order $order): array
    {
        $reach = $order->reach;
        $half = intdiv($reach, 2);

        return [
            new Join('join', 1, min(2, $reach - 1)),
            new Join('join', max(0, $half - 1), 1),
            new Join('join', $half, 0),
            new Join('join', intdiv($reach, 4), intdiv($reach, 4)),
            new Join('join', max(0, $reach - 3), min(2, $reach)),
            new Join('join', $half, $reach - $half),
        ];
    }
}
