<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Question\Sight;

/** Strips of different length, in no order. */
final class Sizes
{
    public static function draw(Sight\Sizes $sight, Canvas $canvas): Drawing
    {
        $marks = [];
        foreach ($canvas->random->shuffleArray(array_map(static fn (int $i): int => 50 + 22 * $i, range(1, $sight->n))) as $i => $length) {
            $marks[] = $canvas->strip($length / 2 + 6.0 * ($i % 2), 14.0 + $i * 26.0, $length, 16.0);
        }

        return new Drawing(60.0 + 22 * $sight->n, 26.0 * $sight->n + 4.0, $marks, 'sizes', ['n' => $sight->n]);
    }
}
