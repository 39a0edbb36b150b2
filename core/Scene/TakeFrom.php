<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Activity\Gear;
use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Question\Sight;

/** The whole on a plate and a bowl for what goes; as far as there is help it has gone, as outlines. With its sentence where that is to be read. */
final class TakeFrom
{
    public static function draw(Sight\TakeFrom $sight, Canvas $canvas): Drawing
    {
        [$n, $gone, $cell] = [$sight->n, $sight->gone, $canvas->cell()];
        $moved = $canvas->done($gone);
        $height = (max(1, (int) ceil(($n - $moved) / 5), (int) ceil($gone / 5)) + 0.8) * $cell;
        $marks = [
            ...$canvas->plate(2.9 * $cell, $height / 2, 5.8 * $cell, $height),
            ...$canvas->bowl(9.1 * $cell, $height / 2, 5.8 * $cell, $height),
            ...$canvas->lines($n - $moved, 0.4 * $cell, 0.4 * $cell),
            ...$canvas->lines($moved, 6.6 * $cell, 0.4 * $cell, 5, null, true),
        ];
        $width = max(12.0 * $cell, $sight->sentence ? 250.0 : 0.0);
        if ($sight->sentence) {
            array_push($marks, ...$canvas->sentence([(string) $n, '−', (string) $gone, '=', ''], $width / 2, $height + 30.0));
        }

        return new Drawing(
            $width,
            $height + ($sight->sentence ? 56.0 : 0.0),
            $marks,
            $canvas->alt('take-from', 'take-from-bare', Gear::Bowl),
            ['n' => $n, 'b' => $gone, 'things' => $canvas->things($n)],
        );
    }
}
