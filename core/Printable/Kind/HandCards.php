<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Drawing\Box;
use Pindle\Core\Drawing\Mark;
use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\Grid;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Stroke;
use Pindle\Core\Printable\Tool;

/** Hands that show 0 to the reach: one finger after the other from the first, the thumb as the fifth; beyond five with a whole hand beside. */
final class HandCards
{
    private const WIDE = 92.0;
    private const HIGH = 62.0;
    private const PALM = 24.0;
    private const FINGER = 6.0;
    /** Of the four fingers from the first on; folded ones are stubs. */
    private const LONG = [20.0, 22.0, 20.0, 16.0];
    private const STUB = 4.0;

    public static function sheet(Order $order): Sheet
    {
        $cells = array_map(static fn (int $number): \Closure => static fn (float $x, float $y): array => $number <= 5
            ? self::hand($order, $number, $x, $y, false)
            : [...self::hand($order, 5, $x - 21.0, $y, true), ...self::hand($order, $number - 5, $x + 21.0, $y, false)], range(0, $order->reach));
        $format = new Format($order->paper);

        return Sheet::printed($order, $format, Grid::pages($format, self::WIDE, self::HIGH, $cells), [Tool::Scissors, Tool::Card], \count($cells));
    }

    /**
     * @param bool $isOther whether it is the other hand, its thumb on the other side
     *
     * @return list<Mark>
     */
    private static function hand(Order $order, int $up, float $x, float $y, bool $isOther): array
    {
        $side = $isOther ? -1 : 1;
        $skin = Stroke::surface($order->savesInk);
        $bottom = $y + 25.0;
        $marks = [new Box($x, $bottom - self::PALM / 2, self::PALM, self::PALM, 5.0, $skin)];
        foreach (self::LONG as $i => $long) {
            $high = $i < $up ? $long : self::STUB;
            $at = $x - $side * (self::PALM / 2 - self::FINGER / 2 - $i * self::FINGER);
            $marks[] = new Box($at, $bottom - self::PALM - $high / 2 + 1.0, self::FINGER, $high, 2.9, $skin);
        }
        $thumb = $up >= 5 ? 13.0 : self::STUB;
        $marks[] = new Box($x - $side * (self::PALM / 2 + $thumb / 2 - 1.0), $bottom - 0.6 * self::PALM, $thumb, self::FINGER, 2.9, $skin);

        return $marks;
    }
}
