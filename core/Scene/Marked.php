<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Question\Sight;

/** A row in which one is marked, or which only has a front: a line before the first. */
final class Marked
{
    public static function draw(Sight\Marked $sight, Canvas $canvas): Drawing
    {
        [$n, $cell] = [$sight->n, $canvas->cell()];
        $marks = [$canvas->line(0.3 * $cell, 0.4 * $cell, 0.3 * $cell, 1.2 * $cell)];
        for ($i = 1; $i <= $n; ++$i) {
            array_push($marks, ...$canvas->put(($i + 0.5) * $cell, 0.7 * $cell));
        }
        if (null !== $sight->marked) {
            $marks[] = $canvas->band(($sight->marked + 0.5) * $cell, 0.7 * $cell, $cell, 1.2 * $cell);
        }

        return new Drawing(
            ($n + 1.2) * $cell,
            1.6 * $cell,
            $marks,
            null === $sight->marked ? 'queue' : 'marked',
            ['n' => $n, 'things' => $canvas->things($n)] + (null === $sight->marked ? [] : ['k' => $sight->marked]),
        );
    }
}
