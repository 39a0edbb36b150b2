<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Question\Sight;

/** Stairs of the things, each one taller. To be built, they are begun; of the next one there is an outline as far as there is help. */
final class Stairs
{
    /** So many stairs are there to go on from. */
    private const BEGUN = 2;

    public static function draw(Sight\Stairs $sight, Canvas $canvas): Drawing
    {
        $top = $sight->n + ($sight->nextIsOpen ? 1 : 0);
        $cell = $canvas->cell();
        $marks = [];
        $built = $sight->nextIsOpen ? $sight->n : self::BEGUN + $canvas->done(max(0, $sight->n - self::BEGUN));
        for ($stair = 1; $stair <= $top; ++$stair) {
            $isNext = $sight->nextIsOpen && $stair === $top;
            for ($step = 0; $step < ($isNext ? $canvas->done($stair) : ($stair <= $built ? $stair : 0)); ++$step) {
                array_push($marks, ...$canvas->put(($stair - 0.5) * $cell, ($top - $step - 0.5) * $cell, null, $isNext));
            }
        }

        $alt = $sight->nextIsOpen ? 'stairs' : 'stairs-to-build';

        return new Drawing($top * $cell, $top * $cell, $marks, $alt, ['n' => $sight->n, 'things' => $canvas->thing->name]);
    }
}
