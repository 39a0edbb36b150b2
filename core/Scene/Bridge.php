<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Child\AcrossTen;
use Pindle\Core\Child\FrameFilling;
use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Question\Kind\BridgeTen;
use Pindle\Core\Question\Sight;
use Pindle\Core\Thing\Thing;

/**
 * Two frames for a sum over the ten. As far as there is help, what fills the first one up is outlined where it lies; or a five out of each amount
 * is ringed.
 */
final class Bridge
{
    public static function draw(Sight\Bridge $sight, Canvas $canvas): Drawing
    {
        [$a, $b] = [$sight->a, $sight->b];
        $fives = AcrossTen::ThroughFives === $canvas->settings->acrossTen && BridgeTen::areFives($a, $b);

        return self::frames(
            $canvas,
            [$a, $canvas->thing, static fn (int $i): bool => false],
            [$b, $canvas->other, static fn (int $i): bool => !$fives && $i < $canvas->done(10 - $a)],
            $fives ? [0, 1] : [],
            $fives ? 'bridge-fives' : 'bridge',
            ['a' => $a, 'b' => $b, 'fill' => 10 - $a, 'things' => $canvas->things($a)],
        );
    }

    /**
     * Two frames of ten side by side, filled the chosen way; in rows of five where a five is ringed.
     *
     * @param array{int, Thing, callable(int): bool} $first  how many on it, of what, and which of them are outlines
     * @param array{int, Thing, callable(int): bool} $second
     * @param list<int>                              $ringed frames whose first five is ringed, 0 and 1
     * @param array<string, int|string>              $values
     */
    public static function frames(Canvas $canvas, array $first, array $second, array $ringed, string $alt, array $values): Drawing
    {
        $cell = $canvas->cell();
        $filling = [] === $ringed ? $canvas->filling : FrameFilling::RowsOfFive;
        [$wide, $high] = FrameFilling::Upright === $filling ? [2, 5] : [5, 2];
        $next = ($wide + 0.8) * $cell;
        $marks = [];
        foreach ([$first, $second] as $frame => [$count, $thing, $isFaint]) {
            foreach (Frame::order(10, $filling) as $i => [$column, $line]) {
                [$x, $y] = [$frame * $next + ($column + 0.5) * $cell, ($line + 0.5) * $cell];
                array_push($marks, ...$canvas->cellBox($x, $y, $cell));
                if ($i < $count) {
                    array_push($marks, ...$canvas->put($x, $y, $thing, $isFaint($i)));
                }
            }
        }
        foreach ($ringed as $frame) {
            $marks[] = $canvas->band($frame * $next + 2.5 * $cell, 0.5 * $cell, 5 * $cell, $cell);
        }

        return new Drawing($next + $wide * $cell, $high * $cell, $marks, $alt, $values);
    }
}
