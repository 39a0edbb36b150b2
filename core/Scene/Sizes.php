<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Question\Sight;

/** Things to be put in order by size, in no order yet; only as long as they are where length is the question. */
final class Sizes
{
    /** Where length does not tell, all are drawn so long, in millimetres. */
    private const SAME = 60.0;

    public static function draw(Sight\Sizes $sight, Canvas $canvas): Drawing
    {
        $marks = [];
        $y = 0.0;
        $width = 0.0;
        foreach ($canvas->random->shuffleArray(\array_slice($canvas->laid(), 0, $sight->n)) as $thing) {
            $size = $sight->trueToSize ? 1.0 : self::SAME / $thing->longSide();
            $long = $thing->longSide() * $size;
            array_push($marks, ...$canvas->put($long / 2, $y + $long / 2, $thing, false, $size));
            $y += $long + 10.0;
            $width = max($width, $long);
        }

        return [] === $marks ? new Drawing(1.0, 1.0, [], 'sizes', ['n' => $sight->n]) : new Drawing($width, $y, $marks, 'sizes', ['n' => $sight->n]);
    }
}
