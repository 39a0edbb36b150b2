<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Drawing\Oval;
use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Stroke;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** One to the reach scattered over a page, so that the way from each to the next never cuts itself. */
final class Trail
{
    /** Any two are at least a thumb apart, in millimetres. */
    public const THUMB = 25.0;
    private const DOT = 3.0;
    private const NUMERAL = 10.0;
    private const EDGE = 9.0;
    /** So far a way keeps from a point that is not its own. */
    private const CLEAR = 11.0;
    private const TRIES = 400;
    private const POINTS = 60;

    public static function sheet(Order $order): Sheet
    {
        $format = new Format($order->paper);
        $marks = [];
        foreach (self::way($format, $order->reach, $order->seed) as $i => [$x, $y]) {
            $marks[] = new Oval($x, $y, self::DOT, self::DOT, Stroke::surface(false, 'ink'));
            array_push($marks, ...NumeralCards::card($order, (string) ($i + 1), $x, $y - self::NUMERAL, self::NUMERAL, 16.0));
        }

        return Sheet::printed($order, $format, [$marks], [], 0);
    }

    /**
     * @return list<array{float, float}> in order
     */
    public static function way(Format $format, int $reach, int $seed): array
    {
        $random = new Randomizer(new Xoshiro256StarStar($seed));
        for ($try = 0; $try < self::TRIES; ++$try) {
            $way = self::wander($format, $reach, $random);
            if (\count($way) === $reach) {
                return $way;
            }
        }

        return self::rows($format, $reach);
    }

    /** @return list<array{float, float}> as far as it came */
    private static function wander(Format $format, int $reach, Randomizer $random): array
    {
        $way = [];
        while (\count($way) < $reach) {
            $next = null;
            for ($point = 0; $point < self::POINTS && null === $next; ++$point) {
                $at = [
                    $random->getInt((int) (10 * ($format->left + self::EDGE)), (int) (10 * ($format->left + $format->wide - self::EDGE))) / 10,
                    $random->getInt((int) (10 * ($format->top + 2 * self::EDGE)), (int) (10 * ($format->bottom() - self::EDGE))) / 10,
                ];
                $next = self::isFree($way, $at) ? $at : null;
            }
            if (null === $next) {
                return $way;
            }
            $way[] = $next;
        }

        return $way;
    }

    /**
     * @param list<array{float, float}> $way
     * @param array{float, float}       $at
     */
    private static function isFree(array $way, array $at): bool
    {
        $last = [] === $way ? null : $way[\count($way) - 1];
        foreach ($way as $i => $point) {
            if (hypot($point[0] - $at[0], $point[1] - $at[1]) < self::THUMB) {
                return false;
            }
            if (null !== $last && $i < \count($way) - 1 && self::distance($point, $last, $at) < self::CLEAR) {
                return false;
            }
            if (isset($way[$i + 1]) && self::distance($at, $point, $way[$i + 1]) < self::CLEAR) {
                return false;
            }
            if (null !== $last && isset($way[$i + 2]) && self::cross($point, $way[$i + 1], $last, $at)) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param array{float, float} $a
     * @param array{float, float} $b
     * @param array{float, float} $c
     * @param array{float, float} $d
     */
    public static function cross(array $a, array $b, array $c, array $d): bool
    {
        return (self::side($a, $b, $c) > 0) !== (self::side($a, $b, $d) > 0) && (self::side($c, $d, $a) > 0) !== (self::side($c, $d, $b) > 0);
    }

    /**
     * On which side of the way from p to q r lies.
     *
     * @param array{float, float} $p
     * @param array{float, float} $q
     * @param array{float, float} $r
     */
    private static function side(array $p, array $q, array $r): float
    {
        return ($q[0] - $p[0]) * ($r[1] - $p[1]) - ($q[1] - $p[1]) * ($r[0] - $p[0]);
    }

    /**
     * How far a point is from a way between two others.
     *
     * @param array{float, float} $point
     * @param array{float, float} $from
     * @param array{float, float} $to
     */
    private static function distance(array $point, array $from, array $to): float
    {
        [$x, $y] = [$to[0] - $from[0], $to[1] - $from[1]];
        $along = max(0.0, min(1.0, (($point[0] - $from[0]) * $x + ($point[1] - $from[1]) * $y) / max(1e-9, $x ** 2 + $y ** 2)));

        return hypot($point[0] - $from[0] - $along * $x, $point[1] - $from[1] - $along * $y);
    }

    /**
     * There and back again, row by row: where chance finds no way this one never fails.
     *
     * @return list<array{float, float}>
     */
    private static function rows(Format $format, int $reach): array
    {
        $columns = max(1, (int) floor(($format->wide - 2 * self::EDGE) / self::THUMB));
        $lines = (int) ceil($reach / $columns);
        $way = [];
        for ($i = 0; $i < $reach; ++$i) {
            $line = intdiv($i, $columns);
            $column = 0 === $line % 2 ? $i % $columns : $columns - 1 - $i % $columns;
            $way[] = [
                $format->left + self::EDGE + ($column + 0.5) * ($format->wide - 2 * self::EDGE) / $columns,
                $format->top + 2 * self::EDGE + ($line + 0.5) * ($format->high - 3 * self::EDGE) / $lines,
            ];
        }

        return $way;
    }
}
