<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Drawing\Box;
use Pindle\Core\Drawing\Mark;
use Pindle\Core\Drawing\Oval;
use Pindle\Core\Drawing\Path;
use Pindle\Core\Drawing\Text;
use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\Grid;
use Pindle\Core\Printable\Hatch;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Stroke;
use Pindle\Core\Printable\Tool;

/** Signs to lie in rings when things are sorted: what goes in, and what does not; and some that are empty, for rules of one's own. */
final class SortingSigns
{
    private const SIDE = 62.0;
    private const SMALL = 5.0;
    private const SIGNS = ['sign-round', 'sign-corners', 'sign-big', 'sign-small', 'sign-hole', 'sign-no-hole', 'sign-long', 'sign-short'];
    private const EMPTY = 4;

    public static function sheet(Order $order): Sheet
    {
        $cells = array_map(static fn (string $sign): \Closure => static fn (float $x, float $y): array => [
            ...self::drawn($sign, $x, $y - 6.0),
            ...'' === $sign ? [] : [new Text($x, $y + 20.0, self::SMALL, $sign, [], 'ink')],
        ], [...self::SIGNS, ...array_fill(0, self::EMPTY, '')]);
        $format = new Format($order->paper);

        return Sheet::printed($order, $format, Grid::pages($format, self::SIDE, self::SIDE, $cells), [Tool::Scissors, Tool::Card], \count($cells));
    }

    /** @return list<Mark> */
    private static function drawn(string $sign, float $x, float $y): array
    {
        $line = Stroke::cut();
        $ring = static fn (float $wide): Oval => new Oval($x, $y, $wide, $wide, $line);

        return match ($sign) {
            'sign-round' => [$ring(32.0)],
            'sign-corners' => [new Path('M0 -17L17 14H-17z', $line, $x, $y)],
            'sign-big' => [new Box($x, $y, 34.0, 34.0, 4.0, $line), ...Hatch::box($x - 16.0, $y - 16.0, 32.0, 32.0, 4.0)],
            'sign-small' => [new Box($x, $y, 11.0, 11.0, 1.5, $line), ...Hatch::box($x - 5.0, $y - 5.0, 10.0, 10.0, 4.0)],
            'sign-hole' => [$ring(32.0), $ring(11.0)],
            'sign-no-hole' => [$ring(32.0), $ring(11.0), new Path('M-18 18L18 -18', Stroke::bold(), $x, $y)],
            'sign-long' => [new Box($x, $y, 46.0, 9.0, 3.0, $line)],
            'sign-short' => [new Box($x, $y, 15.0, 9.0, 3.0, $line)],
            default => [],
        };
    }
}
