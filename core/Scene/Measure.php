<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Question\Sight;

/** Things end to end along something to measure; only the first two where the child goes on. */
final class Measure
{
    public static function draw(Sight\Measure $sight, Canvas $canvas): Drawing
    {
        [$n, $side] = [$sight->n, $canvas->thing->longSide()];
        $across = max(20.0, 0.6 * $side);
        $marks = [$canvas->line(0.0, 12.0, $n * $side, 12.0)];
        for ($i = 0; $i < ($sight->begun ? min($n, 2 + $canvas->done($n - 2)) : $n); ++$i) {
            array_push($marks, ...$canvas->lying(($i + 0.5) * $side, 24.0 + $across / 2, $sight->begun && $i > 1));
        }

        return new Drawing($n * $side, 28.0 + $across, $marks, $sight->begun ? 'measure-begun' : 'measure', ['n' => $n, 'things' => $canvas->things(2)]);
    }
}
