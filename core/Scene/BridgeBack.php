<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Question\Sight;

/** A number over ten on two frames: first what is over the ten goes, then the rest from the end of the ten; what goes is outlined. */
final class BridgeBack
{
    public static function draw(Sight\BridgeBack $sight, Canvas $canvas): Drawing
    {
        $over = $sight->n - 10;
        $marks = Bridge::frames(
            $canvas,
            [10, $canvas->thing, static fn (int $i): bool => 10 - $i <= $sight->gone - $over],
            [$over, $canvas->thing, static fn (int $i): bool => true],
        );

        return new Drawing(
            10.8 * $canvas->cell(),
            2.0 * $canvas->cell(),
            $marks,
            'bridge-back',
            ['n' => $sight->n, 'gone' => $sight->gone, 'things' => $canvas->things($sight->n)],
        );
    }
}
