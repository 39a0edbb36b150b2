<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Activity\Gear;
use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Question\Sight;

/** Things to share, and the plates. */
final class Plates
{
    public static function draw(Sight\Plates $sight, Canvas $canvas): Drawing
    {
        [$n, $cell] = [$sight->n, $canvas->cell()];
        $top = ceil(max(1, $n) / 10) * $cell + 0.6 * $cell;
        $marks = $canvas->lines($n, 0, 0, 10);
        for ($i = 0; $i < $sight->plates; ++$i) {
            array_push($marks, ...$canvas->plate(($i + 0.5) * 3.2 * $cell, $top + 1.4 * $cell, 2.9 * $cell, 2.6 * $cell));
        }

        return new Drawing(
            max(10 * $cell, $sight->plates * 3.2 * $cell),
            $top + 2.9 * $cell,
            $marks,
            $canvas->alt('plates', 'plates-bare', Gear::Plate),
            ['n' => $n, 'plates' => $sight->plates, 'things' => $canvas->things($n)],
        );
    }
}
