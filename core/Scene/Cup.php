<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Activity\Gear;
use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Drawing\Mark;
use Pindle\Core\Drawing\Paint;
use Pindle\Core\Drawing\Path;
use Pindle\Core\Question\Sight;

/** Some to see, the rest under a cup. */
final class Cup
{
    public static function draw(Sight\Cup $sight, Canvas $canvas): Drawing
    {
        [$n, $cell] = [$sight->n, $canvas->cell()];
        if (null === $sight->seen) {
            return Row::draw(new Sight\Row($n), $canvas);
        }
        $lines = max(2, (int) ceil($sight->seen / 5));

        return new Drawing(8.4 * $cell, $lines * $cell, [
            ...$canvas->lines($sight->seen, 0, 0),
            ...self::cover($canvas, Gear::Cup, 7.0 * $cell, $lines * $cell / 2, 2.4 * $cell, 2.0 * $cell, '?'),
        ], $canvas->alt('cup', 'cup-bare', Gear::Cup), ['n' => $n, 'a' => $sight->seen, 'things' => $canvas->things($sight->seen)]);
    }

    /**
     * A cup upside down, or a cloth over a heap, with what is written on it.
     *
     * @return list<Mark>
     */
    public static function cover(Canvas $canvas, Gear $as, float $x, float $y, float $width, float $height, string $label): array
    {
        $path = \sprintf(
            'M%.1F %.1FL%.1F %.1Fh%.1FL%.1F %.1Fz',
            -$width / 2,
            $height / 2,
            -0.34 * $width,
            -$height / 2,
            0.68 * $width,
            $width / 2,
            $height / 2,
        );

        return $canvas->gear(
            $as,
            new Path($path, new Paint('glass-edge', 'cover-edge', 2.0), $x, $y),
            ...$canvas->write($label, $x, $y, 0.45 * $height, 0.5 * $width),
        );
    }
}
