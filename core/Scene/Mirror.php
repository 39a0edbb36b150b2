<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Activity\Gear;
use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Question\Sight;

/** The same again behind a mirror; one more for a near double. */
final class Mirror
{
    public static function draw(Sight\Mirror $sight, Canvas $canvas): Drawing
    {
        [$a, $b, $cell] = [$sight->a, $sight->b, $canvas->cell()];
        $high = max(1, (int) ceil(max($a, $b) / 5)) * $cell;

        return new Drawing(5.0 * $cell, 2 * $high + 16.0, [
            ...$canvas->lines($a, 0.0, 0.0),
            ...$canvas->gear(Gear::Mirror, $canvas->line(0.0, $high + 8.0, 5.0 * $cell, $high + 8.0)),
            ...$canvas->lines($b, 0.0, $high + 16.0, 5, null, !$sight->near),
        ], $sight->near ? 'near-mirror' : $canvas->alt('mirror', 'mirror-bare', Gear::Mirror), ['a' => $a, 'b' => $b, 'things' => $canvas->things($a)]);
    }
}
