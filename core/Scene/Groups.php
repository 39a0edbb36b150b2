<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Question\Sight;

/** The number on a card, and under it three groups in any order. */
final class Groups
{
    public static function draw(Sight\Groups $sight, Canvas $canvas): Drawing
    {
        $wide = (max(2.0, ceil(sqrt(max($sight->groups)))) + 0.8) * $canvas->cell();
        $top = Canvas::CARD + 12.0;
        $marks = $canvas->card(1.6 * $wide, Canvas::CARD / 2, (string) $sight->whole);
        $groups = $canvas->random->shuffleArray($sight->groups);
        foreach ($groups as $i => $count) {
            [$x, $y] = [($i * 1.1 + 0.5) * $wide, $top + $wide / 2];
            array_push($marks, ...$canvas->plate($x, $y, $wide, $wide), ...$canvas->heap($count, $x, $y, false));
        }

        return new Drawing(3.2 * $wide, $top + $wide, $marks, 'groups', [
            'n' => $sight->whole,
            'first' => $groups[0],
            'second' => $groups[1],
            'third' => $groups[2],
        ]);
    }
}
