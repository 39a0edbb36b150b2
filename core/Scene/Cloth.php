<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Activity\Gear;
use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Question\Sight;

/** A group under a cloth with its number on it, and a few beside. */
final class Cloth
{
    public static function draw(Sight\Cloth $sight, Canvas $canvas): Drawing
    {
        [$a, $b, $cell] = [$sight->a, $sight->b, $canvas->cell($canvas->other)];
        $high = max(60.0, max(2.0, ceil($b / 5)) * $cell);

        return new Drawing(8.6 * $cell, $high, [
            ...Cup::cover($canvas, Gear::Cloth, 1.5 * $cell, $high / 2, 2.8 * $cell, min($high, 2.4 * $cell), (string) $a),
            ...$canvas->lines($b, 3.4 * $cell, 0.0, 5, $canvas->other),
        ], $canvas->alt('cloth', 'cloth-bare', Gear::Cloth), ['a' => $a, 'b' => $b, 'things' => $canvas->things($a), 'others' => $canvas->others($b)]);
    }
}
