<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Question\Moved;
use Pindle\Core\Question\Sight;

/** The same amount twice: as it was, and spread out, bunched up, or counted from the other end. */
final class MovedRow
{
    public static function draw(Sight\MovedRow $sight, Canvas $canvas): Drawing
    {
        [$n, $cell] = [$sight->n, $canvas->cell()];
        $stretch = match ($sight->how) {
            Moved::Spread => 1.5,
            Moved::Bunched => 0.9,
            Moved::Turned => 1.0,
        };
        $marks = $canvas->lines($n, 0, 0, $n, null, true);
        for ($i = 0; $i < $n; ++$i) {
            array_push($marks, ...$canvas->put(($i + 0.5) * $cell * $stretch, 2.0 * $cell));
        }

        return new Drawing($n * $cell * max(1.0, $stretch), 2.6 * $cell, $marks, 'moved', ['n' => $n, 'things' => $canvas->things($n)]);
    }
}
