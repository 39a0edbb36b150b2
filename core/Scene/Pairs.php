<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Question\Sight;

/** Two rows of different width, so that looking alone misleads now and then. */
final class Pairs
{
    public static function draw(Sight\Pairs $sight, Canvas $canvas): Drawing
    {
        [$a, $b, $cell] = [$sight->a, $sight->b, $canvas->widerCell()];
        $stretch = $a > $b && $b > 1 && 0 === ($a + $b) % 3 ? min(1.8, ($a + 1) / $b) : 1.0;
        $marks = [];
        for ($i = 0; $i < $a; ++$i) {
            array_push($marks, ...$canvas->put(($i + 0.5) * $cell, 0.6 * $cell));
        }
        for ($i = 0; $i < $b; ++$i) {
            array_push($marks, ...$canvas->put(($i * $stretch + 0.5) * $cell, 1.9 * $cell, $canvas->other));
        }

        return new Drawing(
            max(2.0, (float) $a, $b > 0 ? ($b - 1) * $stretch + 1 : 0.0) * $cell,
            2.5 * $cell,
            $marks,
            0 === $b ? 'one-row' : 'pairs',
            ['a' => $a, 'b' => $b, 'things' => $canvas->things($a), 'others' => $canvas->others($b)],
        );
    }
}
