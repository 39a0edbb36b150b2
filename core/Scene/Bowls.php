<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Activity\Gear;
use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Question\Sight;

/** Two amounts in two bowls; with its sentence under it where that is to be read. */
final class Bowls
{
    public static function draw(Sight\Bowls $sight, Canvas $canvas): Drawing
    {
        [$a, $b, $cell] = [$sight->a, $sight->b, $canvas->widerCell()];
        $wide = 4.6 * $cell;
        $height = (max(2, (int) ceil(max($a, $b) / 4)) + 1.2) * $cell;
        $width = max(2 * $wide + 0.6 * $cell, 250.0);
        $start = ($width - 2 * $wide - 0.6 * $cell) / 2;
        $marks = [];
        foreach ([[$a, $start, $canvas->thing], [$b, $start + $wide + 0.6 * $cell, $canvas->other]] as [$count, $left, $thing]) {
            array_push(
                $marks,
                ...($canvas->has(Gear::Bowl) ? $canvas->bowl(...) : $canvas->plate(...))($left + $wide / 2, $height / 2, $wide, $height),
                ...$canvas->lines($count, $left + ($wide - 4 * $canvas->cell($thing)) / 2, 0.6 * $cell, 4, $thing),
            );
        }
        if ($sight->sentence) {
            array_push($marks, ...$canvas->sentence([(string) $a, '+', (string) $b, '=', ''], $width / 2, $height + 30.0));
        }

        return new Drawing(
            $width,
            $height + ($sight->sentence ? 56.0 : 0.0),
            $marks,
            $canvas->alt('bowls', 'bowls-bare', Gear::Bowl),
            ['a' => $a, 'b' => $b, 'things' => $canvas->things($a), 'others' => $canvas->others($b)],
        );
    }
}
