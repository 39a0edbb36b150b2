<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Child\AcrossTen;
use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Question\Kind\BridgeTen;
use Pindle\Core\Question\Sight;

/**
 * A number over ten on two frames. As far as there is help, what goes is outlined: first what is over the ten, then the rest from the end of the
 * ten; or a five of the ten, which is ringed, then the rest of what is over it.
 */
final class BridgeBack
{
    public static function draw(Sight\BridgeBack $sight, Canvas $canvas): Drawing
    {
        $over = $sight->n - 10;
        $fives = AcrossTen::ThroughFives === $canvas->settings->acrossTen && BridgeTen::areFives($sight->n - $sight->gone, $sight->gone);
        $gone = $canvas->done($sight->gone);

        return Bridge::frames(
            $canvas,
            [10, $canvas->thing, static fn (int $i): bool => $fives ? $i < min(5, $gone) : 10 - $i <= $gone - $over],
            [$over, $canvas->thing, static fn (int $i): bool => $over - $i <= ($fives ? $gone - 5 : $gone)],
            $fives ? [0] : [],
            $fives ? 'bridge-back-fives' : 'bridge-back',
            ['n' => $sight->n, 'gone' => $sight->gone, 'things' => $canvas->things($sight->n)],
        );
    }
}
