<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Drawing\Box;
use Pindle\Core\Drawing\Line as Stroked;
use Pindle\Core\Drawing\Mark;
use Pindle\Core\Drawing\Path;
use Pindle\Core\Drawing\Text;
use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\InvalidSheet;
use Pindle\Core\Printable\Movement;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Stroke;
use Pindle\Core\Printable\Tool;
use Pindle\Core\Printable\Variant;
use Pindle\Core\Question\Dice;

/**
 * Nets of dice: two whose every sum, or rest, stays in reach, with the faces that were worked out and what comes up how often beside them; one with dots
 * up to the reach; one with six movements.
 */
final class DiceNets
{
    /** Sides in millimetres; larger where somebody under three is in reach. */
    public const SIDE = 40.0;
    public const SIDE_FOR_LITTLE_ONES = 50.0;
    private const TAB = 8.0;
    private const NUMERAL = 0.55;
    private const SMALL = 3.4;
    private const LINE = 5.6;

    /** Where the faces lie in the net, in sides from its left upper corner: those opposite each other add up to seven as on any die, by place. */
    private const PLACES = [[1, 0], [0, 1], [1, 1], [2, 1], [1, 2], [1, 3]];
    /** What is cut and has no tab, in sides. */
    private const EDGES = [[1, 0, 1, 1], [2, 0, 2, 1], [0, 1, 0, 2], [3, 1, 3, 2], [1, 2, 1, 3], [2, 2, 2, 3], [1, 4, 2, 4]];
    /** Which face of six, from the smallest, lies at each place: the smallest is opposite the largest. */
    private const FACES = [0, 1, 2, 4, 5, 3];

    /** @throws InvalidSheet when no two dice keep every rest in reach */
    public static function sheet(Order $order): Sheet
    {
        $side = $order->isNearLittleOnes ? self::SIDE_FOR_LITTLE_ONES : self::SIDE;
        $format = new Format($order->paper);
        [$dice, $chances] = self::dice($order);
        $pages = array_map(
            static fn (array $faces): array => [...self::net($format, $faces, $side), ...self::chances($format, $chances, $side)],
            $dice,
        );

        return Sheet::printed($order, $format, $pages, [Tool::Scissors, Tool::Glue, Tool::Card], \count($dice));
    }

    /**
     * @return array{non-empty-list<list<\Closure(float, float, float): list<Mark>>>, list<Text>} six faces a die, each drawn about its middle in so wide a
     *                                                                                          side; what comes up how often
     *
     * @throws InvalidSheet
     */
    private static function dice(Order $order): array
    {
        $numeral = static fn (int $face): \Closure => static fn (float $x, float $y, float $side): array => NumeralCards::card(
            $order,
            (string) $face,
            $x,
            $y,
            self::NUMERAL * $side,
            $side,
        );
        if (Variant::Movements === $order->variant || Variant::SilentMovements === $order->variant) {
            return [[array_map(static fn (Movement $one): \Closure => static fn (float $x, float $y, float $side): array => $one->drawn(
                $order->hand,
                $x,
                $y,
                0.8 * $side,
            ), Movement::of($order->variant))], [self::said('even', [])]];
        }
        if (Variant::Dots === $order->variant) {
            $most = min(Dice::MOST, $order->reach);
            $faces = array_map(static fn (int $i): int => 1 + intdiv($i * $most, 6), range(0, 5));
            $often = array_count_values($faces);

            return [[array_map(static fn (int $face): \Closure => static fn (float $x, float $y, float $side): array => DotCards::dots(
                DotCards::pattern($face, 0.28 * $side),
                $x,
                $y,
                $order->savesInk,
                0.17 * $side,
            ), $faces)], array_map(
                static fn (int $face, int $of): Text => self::said('chance-of-six', ['result' => $face, 'of' => $of]),
                array_keys($often),
                $often,
            )];
        }
        $taking = Variant::Taking === $order->variant;
        $most = $taking ? Dice::MOST : $order->kind->mostReach();
        $dice = $order->reach > $most ? null : ($taking ? Dice::forTaking($order->reach) : Dice::forJoining($order->reach));
        $dice ?? throw InvalidSheet::reach($order->reach, $most);

        return [
            [array_map($numeral, $dice->first), array_map($numeral, $dice->second)],
            array_map(
                static fn (int $result, int $of): Text => self::said('chance', ['result' => $result, 'of' => $of]),
                array_keys($dice->results),
                $dice->results,
            ),
        ];
    }

    /** @param array<string, int> $values */
    private static function said(string $message, array $values): Text
    {
        return new Text(0.0, 0.0, self::SMALL, $message, $values, 'ink');
    }

    /**
     * @param list<\Closure(float, float, float): list<Mark>> $faces the smallest first
     *
     * @return list<Mark>
     */
    private static function net(Format $format, array $faces, float $side): array
    {
        $left = $format->left + self::TAB;
        $top = $format->top + self::TAB;
        $marks = [];
        foreach (self::PLACES as $i => [$column, $line]) {
            [$x, $y] = [$left + ($column + 0.5) * $side, $top + ($line + 0.5) * $side];
            array_push($marks, new Box($x, $y, $side, $side, 0.0, Stroke::fold()), ...$faces[self::FACES[$i]]($x, $y, $side));
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

    /**
     * @param list<Text> $chances
     *
     * @return list<Text> beside the lower half of the net, where nothing else lies
     */
    private static function chances(Format $format, array $chances, float $side): array
    {
        [$x, $y] = [$format->left + 2 * $side + 3 * self::TAB + 20.0, $format->top + 2 * $side + 3 * self::TAB];

        return array_map(
            static fn (Text $one, int $i): Text => new Text($x, $y + self::LINE * $i, $one->height, $one->message, $one->values, $one->ink),
            $chances,
            array_keys($chances),
        );
    }
}
