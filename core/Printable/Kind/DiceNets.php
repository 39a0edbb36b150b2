<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Drawing\Box;
use Pindle\Core\Drawing\Line as Stroked;
use Pindle\Core\Drawing\Mark;
use Pindle\Core\Drawing\Path;
use Pindle\Core\Drawing\Text;
use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Stroke;
use Pindle\Core\Printable\Tool;
use Pindle\Core\Question\Dice;

/** Nets of the two dice that keep every sum, or rest, in reach: the faces that were worked out, with what comes up how often beside them. */
final class DiceNets
{
    /** Sides in millimetres; larger where somebody under three is in reach. */
    public const SIDE = 40.0;
    public const SIDE_FOR_LITTLE_ONES = 50.0;
    private const TAB = 8.0;
    private const NUMERAL = 0.55;
    private const SMALL = 3.6;

    /** Where the faces lie in the net, in sides from its left upper corner: those opposite each other add up to seven as on any die, by place. */
    private const PLACES = [[1, 0], [0, 1], [1, 1], [2, 1], [1, 2], [1, 3]];
    /** What is cut and has no tab, in sides. */
    private const EDGES = [[1, 0, 1, 1], [2, 0, 2, 1], [0, 1, 0, 2], [3, 1, 3, 2], [1, 2, 1, 3], [2, 2, 2, 3], [1, 4, 2, 4]];
    /** Which face of six, from the smallest, lies at each place: the smallest is opposite the largest. */
    private const FACES = [0, 1, 2, 4, 5, 3];

    public static function sheet(Order $order): Sheet
    {
        $side = $order->isNearLittleOnes ? self::SIDE_FOR_LITTLE_ONES : self::SIDE;
        $dice = Dice::forJoining($order->reach);
        $format = new Format($order->paper);
        $pages = [];
        foreach ([$dice->first ?? [1, 2, 3, 4, 5, 6], $dice->second ?? [1, 2, 3, 4, 5, 6]] as $faces) {
            $pages[] = [...self::net($order, $format, $faces, $side), ...self::chances($format, $dice, $side)];
        }

        return Sheet::printed($order, $format, $pages, [Tool::Scissors, Tool::Glue, Tool::Card], 2);
    }

    /**
     * @param list<int> $faces ascending
     *
     * @return list<Mark>
     */
    private static function net(Order $order, Format $format, array $faces, float $side): array
    {
        $left = $format->left + self::TAB;
        $top = $format->top + self::TAB;
        $marks = [];
        foreach (self::PLACES as $i => [$column, $line]) {
            [$x, $y] = [$left + ($column + 0.5) * $side, $top + ($line + 0.5) * $side];
            $marks[] = new Box($x, $y, $side, $side, 0.0, Stroke::fold());
            array_push($marks, ...NumeralCards::card($order, (string) ($faces[self::FACES[$i]] ?? 0), $x, $y, self::NUMERAL * $side, $side));
        }
        foreach (self::EDGES as [$fromX, $fromY, $toX, $toY]) {
            $marks[] = new Stroked($left + $fromX * $side, $top + $fromY * $side, $left + $toX * $side, $top + $toY * $side, Stroke::cut());
        }
        foreach (self::tabs($left, $top, $side) as $tab) {
            $marks[] = new Path($tab, Stroke::cut());
        }

        return $marks;
    }

    /** @return list<string> paths of what is glued */
    private static function tabs(float $left, float $top, float $side): array
    {
        $tab = static fn (float $x, float $y, float $alongX, float $alongY, float $outX, float $outY): string => \sprintf(
            'M%.2F %.2Fl%.2F %.2Fl%.2F %.2Fl%.2F %.2F',
            $x,
            $y,
            0.15 * $alongX + $outX,
            0.15 * $alongY + $outY,
            0.7 * $alongX,
            0.7 * $alongY,
            0.15 * $alongX - $outX,
            0.15 * $alongY - $outY,
        );

        return [
            $tab($left + $side, $top, $side, 0.0, 0.0, -self::TAB),
            $tab($left, $top + $side, $side, 0.0, 0.0, -self::TAB),
            $tab($left + 2 * $side, $top + $side, $side, 0.0, 0.0, -self::TAB),
            $tab($left, $top + 2 * $side, $side, 0.0, 0.0, self::TAB),
            $tab($left + 2 * $side, $top + 2 * $side, $side, 0.0, 0.0, self::TAB),
            $tab($left + $side, $top + 3 * $side, 0.0, $side, -self::TAB, 0.0),
            $tab($left + 2 * $side, $top + 3 * $side, 0.0, $side, self::TAB, 0.0),
        ];
    }

    /** @return list<Mark> how often each result comes up in 36 rolls */
    private static function chances(Format $format, ?Dice $dice, float $side): array
    {
        $x = $format->left + 3 * $side + 2 * self::TAB + 18.0;
        $marks = [];
        foreach ($dice->results ?? [] as $result => $of) {
            $marks[] = new Text($x, $format->top + 10.0 + 7.0 * \count($marks), self::SMALL, 'chance', ['result' => $result, 'of' => $of], 'ink');
        }

        return $marks;
    }
}
