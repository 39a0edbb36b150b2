<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Child\WholeInBond;
use Pindle\Core\Drawing\Line as Stroked;
use Pindle\Core\Drawing\Mark;
use Pindle\Core\Drawing\Oval;
use Pindle\Core\Drawing\Text;
use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\InvalidSheet;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Stroke;
use Pindle\Core\Printable\Variant;
use Pindle\Core\Thing\BondCircle;

/**
 * The whole in one circle, its two parts in two, each wide enough for all of the things: on one page where they fit, else the whole has its own. The
 * whole is above its parts or to their left, as the child is taught. Two plates have no whole.
 */
final class BondMat
{
    private const APART = 8.0;
    private const SMALL = 5.0;
    /** How long a mark at a rim is, in millimetres. */
    private const MARK = 6.0;

    /** @throws InvalidSheet when not even one circle fits a page */
    public static function sheet(Order $order): Sheet
    {
        $wide = BondCircle::width($order->reach, $order->side());
        $apart = $wide + self::APART;
        if (Variant::TwoPlates === $order->variant) {
            return self::parts($order, $wide, []);
        }
        $isLeft = WholeInBond::AtLeft === $order->settings->wholeInBond;
        $one = Format::fitting($order->paper, $wide + $apart, $wide + $apart);
        if (null === $one) {
            return self::parts($order, $wide, ['whole']);
        }
        // Before it is turned: along from the whole to the parts, across from part to part.
        $at = static fn (float $along, float $across): array => $isLeft
            ? [$one->left + $wide / 2 + $along, $one->top + $wide / 2 + $apart / 2 + $across]
            : [$one->middle() + $across, $one->top + $wide / 2 + $along];
        $marks = self::circle(...[...$at(0.0, 0.0), $wide, 'whole']);
        foreach ([-0.5, 0.5] as $side) {
            [$fromX, $fromY] = $at(0.48 * $wide, 0.3 * $side * $apart);
            [$toX, $toY] = $at($apart - 0.48 * $wide, 0.75 * $side * $apart);
            array_push($marks, new Stroked($fromX, $fromY, $toX, $toY, Stroke::fill()), ...self::circle(...[...$at($apart, $side * $apart), $wide, 'part']));
        }

        return Sheet::printed($order, $one, [$marks], [], 0);
    }

    /**
     * Both parts on a page where they fit, what comes before on a page of its own.
     *
     * @param list<string> $before names of circles
     *
     * @throws InvalidSheet
     */
    private static function parts(Order $order, float $wide, array $before): Sheet
    {
        $apart = $wide + self::APART;
        $two = Format::fitting($order->paper, $wide + $apart, $wide);
        $format = $two ?? Format::fitting($order->paper, $wide, $wide) ?? throw self::tooLong($order);
        $y = $format->top + $wide / 2;
        $name = [] === $before ? 'plate' : 'part';
        // Where whole and parts lie on papers of their own, marks at the rims point at one another: down and up, or right and left.
        $down = WholeInBond::AtLeft === $order->settings->wholeInBond ? 0.0 : 90.0;
        $pointing = static fn (float $x, string $of): array => match ($of) {
            'whole' => [...self::mark($x, $y, $wide, $down - 30.0), ...self::mark($x, $y, $wide, $down + 30.0)],
            'part' => self::mark($x, $y, $wide, $down + 180.0),
            default => [],
        };
        $circle = static fn (float $x, string $of): array => [...self::circle($x, $y, $wide, $of), ...$pointing($x, $of)];

        return Sheet::printed($order, $format, [
            ...array_map(static fn (string $of): array => $circle($format->middle(), $of), $before),
            ...null === $two ? array_fill(0, 2, $circle($format->middle(), $name)) : [[
                ...$circle($format->middle() - $apart / 2, $name),
                ...$circle($format->middle() + $apart / 2, $name),
            ]],
        ], [], 0);
    }

    private static function tooLong(Order $order): InvalidSheet
    {
        $room = min((new Format($order->paper))->wide, (new Format($order->paper, true))->high);
        $most = $room * ($order->side() + BondCircle::FINGER_ROOM) / BondCircle::width($order->reach, $order->side()) - BondCircle::FINGER_ROOM;

        return $order->tooLong($most);
    }

    /**
     * @param float $degrees clockwise from the right
     *
     * @return list<Mark> a short line inside the rim
     */
    private static function mark(float $x, float $y, float $wide, float $degrees): array
    {
        [$alongX, $alongY] = [cos(deg2rad($degrees)), sin(deg2rad($degrees))];
        [$from, $to] = [$wide / 2 - self::MARK, $wide / 2];

        return [new Stroked($x + $from * $alongX, $y + $from * $alongY, $x + $to * $alongX, $y + $to * $alongY, Stroke::bold())];
    }

    /** @return list<Mark> */
    private static function circle(float $x, float $y, float $wide, string $name): array
    {
        return [new Oval($x, $y, $wide, $wide, Stroke::cut()), new Text($x, $y - $wide / 2 + 2 * self::SMALL, self::SMALL, $name, [], 'soft')];
    }
}
