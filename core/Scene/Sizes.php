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

    /** Room between two of them, in millimetres. */
    private const BETWEEN = 12.0;

    public static function draw(Sight\Sizes $sight, Canvas $canvas): Drawing
    {
        $marks = [];
        [$right, $bottom] = [0.0, 0.0];
        foreach ($canvas->random->shuffleArray(\array_slice($canvas->laid(), 0, $sight->n)) as $thing) {
            if ($sight->trueToSize) {
                // Under one another from one edge, as they are compared.
                $high = $thing->size->middle ?? $thing->longSide() / 2;
                array_push($marks, ...$canvas->lying($thing->longSide() / 2, $bottom + $high / 2, false, $thing));
                $right = max($right, $thing->longSide());
                $bottom += $high + self::BETWEEN;
            } else {
                array_push($marks, ...$canvas->put($right + self::SAME / 2, self::SAME / 2, $thing, false, self::SAME / $thing->longSide()));
                $right += self::SAME + self::BETWEEN;
                $bottom = self::SAME;
            }
        }

        return [] === $marks ? new Drawing(1.0, 1.0, [], 'sizes', ['n' => $sight->n]) : new Drawing($right, $bottom, $marks, 'sizes', ['n' => $sight->n]);
    }
}
