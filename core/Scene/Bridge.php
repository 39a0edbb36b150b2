<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Child\AcrossTen;
use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Drawing\Mark;
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
        [$a, $b, $cell] = [$sight->a, $sight->b, $canvas->cell()];
        $fives = AcrossTen::ThroughFives === $canvas->settings->acrossTen && BridgeTen::areFives($a, $b);
        $marks = self::frames(
            $canvas,
            [$a, $canvas->thing, static fn (int $i): bool => false],
            [$b, $canvas->other, static fn (int $i): bool => !$fives && $i < $canvas->done(10 - $a)],
        );
        if ($fives) {
            $marks = [...$marks, $canvas->band(2.5 * $cell, 0.5 * $cell, 5 * $cell, $cell), $canvas->band(8.3 * $cell, 0.5 * $cell, 5 * $cell, $cell)];
        }

        return new Drawing(
            10.8 * $cell,
            2.0 * $cell,
            $marks,
            $fives ? 'bridge-fives' : 'bridge',
            ['a' => $a, 'b' => $b, 'fill' => 10 - $a, 'things' => $canvas->things($a)],
        );
    }

    /**
     * Two frames of ten side by side: how many on each, of what, and which of them are outlines.
     *
     * @param array{int, Thing, callable(int): bool} $first
     * @param array{int, Thing, callable(int): bool} $second
     *
     * @return list<Mark>
     */
    public static function frames(Canvas $canvas, array $first, array $second): array
    {
        $cell = $canvas->cell();
        $marks = [];
        foreach ([$first, $second] as $frame => [$count, $thing, $isFaint]) {
            for ($i = 0; $i < 10; ++$i) {
                [$x, $y] = [$frame * 5.8 * $cell + ($i % 5 + 0.5) * $cell, (intdiv($i, 5) + 0.5) * $cell];
                array_push($marks, ...$canvas->cellBox($x, $y, $cell));
                if ($i < $count) {
                    array_push($marks, ...$canvas->put($x, $y, $thing, $isFaint($i)));
                }
            }
        }

        return $marks;
    }
}
