<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Activity\Gear;
use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Drawing\Oval;
use Pindle\Core\Drawing\Paint;
use Pindle\Core\Question\Sight;

/** Rings to sort into, and a mix of as many kinds under them. */
final class Rings
{
    public static function draw(Sight\Rings $sight, Canvas $canvas): Drawing
    {
        $cell = $canvas->widerCell();
        $marks = [];
        for ($i = 0; $i < $sight->groups; ++$i) {
            $ring = new Oval(($i + 0.5) * 4.2 * $cell, 2.0 * $cell, 3.8 * $cell, 3.6 * $cell, new Paint(null, 'wood', 5.0, true));
            array_push($marks, ...$canvas->gear(Gear::Ring, $ring));
        }
        for ($i = 0; $i < 8; ++$i) {
            $thing = [$canvas->thing, $canvas->other, $canvas->third][$i % $sight->groups];
            array_push($marks, ...$canvas->put(($i + 0.5) * $cell * 0.52 * $sight->groups, 4.8 * $cell, $thing));
        }

        return new Drawing(
            $sight->groups * 4.2 * $cell,
            5.4 * $cell,
            $marks,
            $canvas->alt('rings', 'rings-bare', Gear::Ring),
            ['groups' => $sight->groups, 'things' => $canvas->thing->name, 'others' => $canvas->other->name],
        );
    }
}
