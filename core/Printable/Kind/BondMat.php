<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Drawing\Line as Stroked;
use Pindle\Core\Drawing\Oval;
use Pindle\Core\Drawing\Text;
use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\InvalidSheet;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Paper;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Stroke;
use Pindle\Core\Thing\BondCircle;

/** The whole in one circle, its two parts in two, each wide enough for all of the things: on one page where they fit, else the whole has its own. */
final class BondMat
{
    private const APART = 8.0;
    private const SMALL = 5.0;

    /** @throws InvalidSheet when not even one circle fits a page */
    public static function sheet(Order $order): Sheet
    {
        $wide = BondCircle::width($order->reach, $order->side());
        $one = Format::fitting($order->paper, 2 * $wide + self::APART, 2 * $wide + self::APART);
        if (null !== $one) {
            $y = $one->top + $wide / 2;
            $below = $y + $wide + self::APART;
            $apart = ($wide + self::APART) / 2;
            $marks = [...self::circle($one->middle(), $y, $wide, 'whole')];
            foreach ([-$apart, $apart] as $side) {
                $marks[] = new Stroked(
                    $one->middle() + 0.3 * $side,
                    $y + 0.48 * $wide,
                    $one->middle() + 0.75 * $side,
                    $below - 0.48 * $wide,
                    Stroke::fill(),
                );
                array_push($marks, ...self::circle($one->middle() + $side, $below, $wide, 'part'));
            }

            return Sheet::printed($order, $one, [$marks], [], 0);
        }
        $two = Format::fitting($order->paper, 2 * $wide + self::APART, $wide);
        if (null !== $two) {
            $y = $two->top + $wide / 2;
            $apart = ($wide + self::APART) / 2;

            return Sheet::printed($order, $two, [
                self::circle($two->middle(), $y, $wide, 'whole'),
                [...self::circle($two->middle() - $apart, $y, $wide, 'part'), ...self::circle($two->middle() + $apart, $y, $wide, 'part')],
            ], [], 0);
        }
        $each = Format::fitting($order->paper, $wide, $wide) ?? throw self::tooLong($order);
        $y = $each->top + $wide / 2;

        return Sheet::printed($order, $each, array_map(
            static fn (string $name): array => self::circle($each->middle(), $y, $wide, $name),
            ['whole', 'part', 'part'],
        ), [], 0);
    }

    private static function tooLong(Order $order): InvalidSheet
    {
        $room = min((new Format($order->paper))->wide, (new Format($order->paper, true))->high);
        $most = $room * ($order->side() + BondCircle::FINGER_ROOM) / BondCircle::width($order->reach, $order->side()) - BondCircle::FINGER_ROOM;

        return InvalidSheet::tooLong($order->thing ?? throw InvalidSheet::noThing(), (int) floor(max(Paper::MARGIN, $most)));
    }

    /** @return list<\Pindle\Core\Drawing\Mark> */
    private static function circle(float $x, float $y, float $wide, string $name): array
    {
        return [new Oval($x, $y, $wide, $wide, Stroke::cut()), new Text($x, $y - $wide / 2 + 2 * self::SMALL, self::SMALL, $name, [], 'soft')];
    }
}
