<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Question\Sight;

/** Things in a ring, wide enough that none touch. */
final class Ring
{
    public static function draw(Sight\Ring $sight, Canvas $canvas): Drawing
    {
        [$n, $cell] = [$sight->n, $canvas->cell()];
        // So many of one cell's width along the ring; a child sees that it is one only where its middle is empty.
        $radius = max($cell, 1.15 * $n * $cell / (2 * \M_PI));
        $marks = [];
        for ($i = 0; $i < $n; ++$i) {
            $turn = 2 * \M_PI * $i / $n - \M_PI / 2;
            array_push($marks, ...$canvas->put($radius + $cell / 2 + $radius * cos($turn), $radius + $cell / 2 + $radius * sin($turn)));
        }
        $side = 2 * $radius + $cell;

        return new Drawing($side, $side, $marks, 'ring', ['n' => $n, 'things' => $canvas->things($n)]);
    }
}
