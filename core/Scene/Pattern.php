<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Question\Sight;

/** The repeats there are, then places still to fill. */
final class Pattern
{
    public static function draw(Sight\Pattern $sight, Canvas $canvas): Drawing
    {
        $unit = $sight->unit;
        [$long, $cell] = [\strlen($unit), $canvas->widerCell()];
        $count = $sight->repeats * $long + $sight->next;
        $marks = [];
        for ($i = 0; $i < $count; ++$i) {
            [$x, $y] = [($i + 0.5) * $cell, 0.6 * $cell];
            array_push($marks, ...match (true) {
                $i >= $sight->repeats * $long => [$canvas->gap($x, $y, 0.8 * $cell, 0.8 * $cell)],
                'b' === $unit[$i % $long] => $canvas->put($x, $y, $canvas->other),
                'c' === $unit[$i % $long] => $canvas->put($x, $y, $canvas->third),
                default => $canvas->put($x, $y),
            });
        }

        return new Drawing(
            $count * $cell,
            1.2 * $cell,
            $marks,
            0 === $sight->next ? 'pattern-whole' : 'pattern',
            ['next' => $sight->next, 'things' => $canvas->thing->name, 'others' => $canvas->other->name],
        );
    }
}
