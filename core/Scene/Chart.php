<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Question\Sight;

/** Kinds lined up from one edge. */
final class Chart
{
    public static function draw(Sight\Chart $sight, Canvas $canvas): Drawing
    {
        $cell = $canvas->widerCell();
        $marks = [$canvas->link(0.15 * $cell, 0.0, 0.15 * $cell, 3.6 * $cell)];
        foreach ([[$sight->a, $canvas->thing, 1.0], [$sight->b, $canvas->other, 1.0], [$sight->c, $canvas->third, 1.0]] as $line => [$count, $thing, $size]) {
            for ($i = 0; $i < $count; ++$i) {
                array_push($marks, ...$canvas->put(($i + 0.9) * $cell, ($line * 1.2 + 0.6) * $cell, $thing, false, $size));
            }
        }

        return new Drawing(
            (max(1, $sight->a, $sight->b, $sight->c) + 0.6) * $cell,
            3.6 * $cell,
            $marks,
            'chart',
            ['a' => $sight->a, 'b' => $sight->b, 'c' => $sight->c],
        );
    }
}
