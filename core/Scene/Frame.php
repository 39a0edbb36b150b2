<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Child\FrameFilling;
use Pindle\Core\Child\WayIn;
use Pindle\Core\Drawing\Box;
use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Drawing\Paint;
use Pindle\Core\Question\Sight;

/** An amount as the child's way in likes to see it: with things always on the frame; drawn, as a frame, a bar or a pattern of dots. */
final class Frame
{
    public static function draw(Sight\Frame $sight, Canvas $canvas): Drawing
    {
        return match ($canvas->drawn && $sight->anyWay && !$sight->build ? $canvas->settings->wayIn : WayIn::SeeIt) {
            WayIn::Bars => self::bar($sight->n),
            WayIn::TouchAndCount => self::dots($sight->n, $canvas),
            WayIn::SeeIt, WayIn::MoveAndTell => self::places($sight, $canvas),
        };
    }

    /** Joined cells in one line, every ten on a line of its own. */
    private static function bar(int $n): Drawing
    {
        $cell = 24.0;
        $marks = [];
        for ($i = 0; $i < $n; ++$i) {
            $marks[] = new Box(($i % 10 + 0.5) * $cell, (intdiv($i, 10) * 1.4 + 0.5) * $cell, $cell, $cell, 2.0, new Paint('unit', 'deep', 1.6));
        }

        return new Drawing(max(1, min(10, $n)) * $cell, max(1.0, ceil($n / 10) * 1.4 - 0.4) * $cell, $marks, 'bar', ['n' => $n]);
    }

    /** Fives as on a die (four corners and a middle), then what is left over. */
    private static function dots(int $n, Canvas $canvas): Drawing
    {
        $cell = $canvas->cell();
        $corners = [[0, 0], [2, 2], [2, 0], [0, 2], [1, 1]];
        $marks = [];
        for ($i = 0; $i < $n; ++$i) {
            [$x, $y] = $corners[$i % 5];
            array_push($marks, ...$canvas->put((intdiv($i, 5) * 4.0 + $x + 0.5) * $cell, ($y + 0.5) * $cell));
        }

        return new Drawing(max(3.0, ceil($n / 5) * 4.0 - 1.0) * $cell, 3.0 * $cell, $marks, 'dots', ['n' => $n, 'things' => $canvas->things($n)]);
    }

    /** Frames of five or ten. Of a sum the second part is of the other kind; of one kind in two colours it is outlines. */
    private static function places(Sight\Frame $sight, Canvas $canvas): Drawing
    {
        [$n, $cell] = [$sight->n, $canvas->cell()];
        $frames = $n > 10 ? 2 : 1;
        $filled = $sight->build ? $canvas->done($n) : $n;
        $marks = [];
        for ($frame = 0; $frame < $frames; ++$frame) {
            $left = $frame * 5.6 * $cell;
            foreach (self::order($sight->places, $canvas->filling) as $i => [$column, $line]) {
                [$x, $y] = [$left + ($column + 0.5) * $cell, ($line + 0.5) * $cell];
                array_push($marks, ...$canvas->cellBox($x, $y, $cell));
                if ($frame * 10 + $i < $filled) {
                    array_push(
                        $marks,
                        ...($frame * 10 + $i < $sight->ofFirst ? $canvas->put($x, $y) : $canvas->put($x, $y, $canvas->other, $canvas->oneKind())),
                    );
                }
            }
        }
        $upright = FrameFilling::Upright === $canvas->filling && 10 === $sight->places;

        return new Drawing(
            ($upright ? 2 : 5) * $cell + ($frames - 1) * 5.6 * $cell,
            $upright ? 5 * $cell : $sight->places / 5 * $cell,
            $marks,
            match (true) {
                $sight->build => 'frames-to-fill',
                $sight->ofFirst < $n => 'frame-two',
                $n > 10 => 'frames',
                $n > 5 => 'frame-five-and',
                default => 'frame',
            },
            [
                'a' => $sight->ofFirst,
                'b' => $n - $sight->ofFirst,
                'others' => $canvas->others($n - $sight->ofFirst),
                'n' => $n,
                'rest' => max(0, $n - 5),
                'over' => max(0, $n - 10),
                'places' => $sight->places,
                'things' => $canvas->things($n),
            ],
        );
    }

    /** @return list<array{int, int}> column and line of each place in the order it is filled */
    public static function order(int $count, FrameFilling $filling): array
    {
        $places = [];
        for ($i = 0; $i < $count; ++$i) {
            $places[] = match (true) {
                5 === $count || FrameFilling::RowsOfFive === $filling => [$i % 5, intdiv($i, 5)],
                FrameFilling::Pairs === $filling => [intdiv($i, 2), $i % 2],
                default => [intdiv($i, 5), 4 - $i % 5],
            };
        }

        return $places;
    }
}
