<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Question\Sight;

/** Joined things in a line; of a snapped stick the piece that is seen, and a mark for the one that is hidden. */
final class Stick
{
    public static function draw(Sight\Stick $sight, Canvas $canvas): Drawing
    {
        $side = $canvas->thing->longSide();
        $seen = $sight->seen ?? $sight->n;
        $marks = [];
        for ($i = 0; $i < $seen; ++$i) {
            array_push($marks, ...$canvas->put(($i + 0.5) * $side, 0.7 * $side));
        }
        if (null === $sight->seen) {
            return new Drawing(max(1, $seen) * $side, 1.4 * $side, $marks, 'stick', ['n' => $sight->n, 'things' => $canvas->things($sight->n)]);
        }
        $middle = ($seen + 1.6) * $side;

        return new Drawing(
            ($seen + 2.6) * $side,
            1.4 * $side,
            [...$marks, $canvas->gap($middle, 0.7 * $side, 2.0 * $side, $side), ...$canvas->write('?', $middle, 0.7 * $side, 0.6 * $side)],
            'stick-snapped',
            ['n' => $sight->n, 'a' => $seen, 'things' => $canvas->things($sight->n)],
        );
    }
}
