<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Activity\Gear;
use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Drawing\Paint;
use Pindle\Core\Drawing\Path;
use Pindle\Core\Question\Sight;

/** A see-through pot with the amount in it, so that it has to be guessed. */
final class Jar
{
    public static function draw(Sight\Jar $sight, Canvas $canvas): Drawing
    {
        $thing = $sight->others ? $canvas->other : $canvas->thing;
        [$n, $cell] = [$sight->n, $canvas->cell($thing) * 0.85];
        $wide = max(3, (int) ceil(sqrt($n)));
        [$width, $high] = [($wide + 1) * $cell, max(3.0, ceil($n / $wide) + 1.5) * $cell];
        $glass = \sprintf('M0 0v%.1Fq0 8 8 8h%.1Fq8 0 8 -8v-%.1F', $high - 8, $width - 16, $high - 8);
        $marks = $canvas->gear(Gear::Pot, new Path($glass, new Paint('glass', 'glass-edge', 2.4)));
        for ($i = 0; $i < $n; ++$i) {
            $wobble = $canvas->random->getInt(-20, 20) / 100 * $cell;
            array_push($marks, ...$canvas->put((1 + $i % $wide) * $cell + $wobble, $high - (intdiv($i, $wide) + 0.6) * $cell, $thing));
        }

        return new Drawing($width, $high, $marks, $canvas->alt('jar', 'jar-bare', Gear::Pot), ['things' => $thing->name]);
    }
}
