<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Question\Sight;

/** Stairs of the things, each one taller; the next one is only outlined where it is to be built. */
final class Stairs
{
    public static function draw(Sight\Stairs $sight, Canvas $canvas): Drawing
    {
        $top = $sight->n + ($sight->nextIsOpen ? 1 : 0);
        $cell = $canvas->cell();
        $marks = [];
        for ($stair = 1; $stair <= $top; ++$stair) {
            for ($step = 0; $step < $stair; ++$step) {
                array_push($marks, ...$canvas->put(($stair - 0.5) * $cell, ($top - $step - 0.5) * $cell, null, $sight->nextIsOpen && $stair === $top));
            }
        }

        return new Drawing($top * $cell, $top * $cell, $marks, 'stairs', ['n' => $sight->n, 'things' => $canvas->thing->name]);
    }
}
