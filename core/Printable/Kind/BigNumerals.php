<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Drawing\Mark;
use Pindle\Core\Drawing\Oval;
use Pindle\Core\Drawing\Paint;
use Pindle\Core\Drawing\Path;
use Pindle\Core\Drawing\Text;
use Pindle\Core\Drawing\Way;
use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Stroke;
use Pindle\Core\Printable\Variant;

/**
 * Numerals as large as a page, to be traced with a finger or to lay things along: a lane as wide as the thing and a finger, a dot where each stroke
 * begins, arrows the way it goes.
 */
final class BigNumerals
{
    /** So wide is the lane to trace, in millimetres. */
    private const LANE = 24.0;
    private const FINGER_ROOM = 6.0;
    private const EDGE = 1.2;
    private const DOT = 9.0;
    private const ARROW = 6.0;
    private const ARROW_EVERY = 55.0;
    private const SMALL = 5.0;
    private const FOOT = 12.0;

    public static function sheet(Order $order): Sheet
    {
        $isLaid = Variant::LayAlong === $order->variant;
        $side = $isLaid ? $order->side() : 0.0;
        $lane = $isLaid ? $side + self::FINGER_ROOM : self::LANE;
        $format = new Format($order->paper);
        if ($lane > 0.3 * $format->wide) {
            throw $order->tooLong(0.3 * $format->wide - self::FINGER_ROOM);
        }
        $pages = array_map(static fn (int $number): array => self::page($order, $format, $number, $lane, $side), range(0, $order->reach));

        return Sheet::printed($order, $format, $pages, [], 0);
    }

    /** @return list<Mark> */
    private static function page(Order $order, Format $format, int $number, float $lane, float $side): array
    {
        $drawn = static fn (float $wide, string $ink): array => $order->hand->stroke(
            (string) $number,
            $format->middle(),
            $format->top + ($format->high - self::FOOT) / 2,
            $format->high - self::FOOT - $lane,
            new Paint(null, $ink, $wide),
            $format->wide - $lane,
        );
        $marks = [...$drawn($lane, 'ink'), ...$drawn($lane - 2 * self::EDGE, 'white')];
        $along = 0;
        $nth = 0;
        foreach ($drawn($lane, 'ink') as $path) {
            foreach (Way::of($path) as $way) {
                ++$nth;
                if ($side > 0.0) {
                    $along += self::fits($way, $side);
                    foreach ($way->places(self::fits($way, $side)) as [$x, $y]) {
                        $marks[] = new Oval($x, $y, $side, $side, Stroke::fold());
                    }
                }
                for ($at = self::ARROW_EVERY / 2; $at < $way->length; $at += self::ARROW_EVERY) {
                    $marks[] = self::arrow($way, $at);
                }
                [$x, $y] = $way->at(0.0);
                $marks[] = new Oval($x, $y, self::DOT, self::DOT, new Paint('ink'));
                array_push($marks, ...$order->hand->write((string) $nth, $x, $y, 0.6 * self::DOT, 'white'));
            }
        }
        $marks[] = $side > 0.0
            ? new Text($format->middle(), $format->bottom() - 6.0, self::SMALL, 'lie-along', ['n' => $along, 'things' => $order->thing->name ?? ''], 'soft')
            : new Text($format->middle(), $format->bottom() - 6.0, self::SMALL, 'trace-it', [], 'soft');

        return $marks;
    }

    /** How many things of a side lie along a stroke. */
    public static function fits(Way $way, float $side): int
    {
        return max(1, (int) floor($way->length / $side + 1e-6));
    }

    private static function arrow(Way $way, float $at): Path
    {
        [$x, $y] = $way->at($at);
        [$nextX, $nextY] = $way->at(min($way->length, $at + 1.0));
        $turn = rad2deg(atan2($nextY - $y, $nextX - $x));

        return new Path('M-4 -3L4 0L-4 3', new Paint(null, 'soft', 1.0), $x, $y, self::ARROW / 8.0, $turn);
    }
}
