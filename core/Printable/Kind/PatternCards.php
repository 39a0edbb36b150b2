<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Drawing\Box;
use Pindle\Core\Drawing\Mark;
use Pindle\Core\Drawing\Oval;
use Pindle\Core\Drawing\Path;
use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\Grid;
use Pindle\Core\Printable\Hatch;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Stroke;
use Pindle\Core\Printable\Tool;
use Pindle\Core\Question\Kind\CarryOn;

/** Patterns to copy and go on with: the kinds that are laid out, or plain shapes told apart by outline and hatching. */
final class PatternCards
{
    private const WIDE = 180.0;
    private const HIGH = 40.0;
    private const MOST_CELL = 26.0;
    private const REPEATS = 2;
    /** Where nothing is asked: from the plainest on. */
    private const UNITS = ['ab', 'aab', 'abb', 'aabb', 'abc', 'aabc'];

    public static function sheet(Order $order): Sheet
    {
        $asked = array_map(
            static fn (CarryOn $prompt): string => $prompt->unit,
            array_filter($order->prompts, static fn ($one): bool => $one instanceof CarryOn),
        );
        $cells = array_map(static fn (string $unit): \Closure => static fn (float $x, float $y): array => self::card(
            $order,
            str_repeat($unit, self::REPEATS),
            $x,
            $y,
        ), array_values(array_unique($asked)) ?: self::UNITS);
        $format = new Format($order->paper);

        return Sheet::printed($order, $format, Grid::pages($format, self::WIDE, self::HIGH, $cells), [Tool::Scissors, Tool::Card], \count($cells));
    }

    /** @return list<Mark> */
    private static function card(Order $order, string $row, float $x, float $y): array
    {
        $cell = min(self::MOST_CELL, (self::WIDE - 8.0) / \strlen($row));
        $marks = [];
        foreach (str_split($row) as $i => $kind) {
            $at = $x + ($i - (\strlen($row) - 1) / 2) * $cell;
            array_push($marks, ...self::kind($order, \ord($kind) - \ord('a'), $at, $y, 0.8 * $cell));
        }

        return $marks;
    }

    /** @return list<Mark> */
    private static function kind(Order $order, int $kind, float $x, float $y, float $side): array
    {
        $things = array_values(array_filter([$order->thing, ...$order->others]));
        if (isset($things[$kind])) {
            return $order->hand->thing($things[$kind]->glyph, $things[$kind]->name, $x, $y, $side, false, false, $things[$kind]->colour);
        }

        return match ($kind) {
            0 => [new Oval($x, $y, $side, $side, Stroke::fill())],
            1 => [
                ...Hatch::box($x - $side / 2, $y - $side / 2, $side, $side, 2.5),
                new Box($x, $y, $side, $side, 0.0, Stroke::fill()),
            ],
            default => [new Path(\sprintf('M0 %.2FL%.2F %.2FH%.2Fz', -$side / 2, $side / 2, $side / 2, -$side / 2), Stroke::cut(), $x, $y)],
        };
    }
}
