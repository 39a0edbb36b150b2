<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Question\Sight;

/** Towers in front, and behind them some of which only the upper edge shows. */
final class Stack
{
    /** One in so many stands behind; one at least where there are two. */
    private const BEHIND_ONE_IN = 3;

    public static function draw(Sight\Stack $sight, Canvas $canvas): Drawing
    {
        $n = $sight->n;
        $behind = $n < 2 ? 0 : max(1, intdiv($n, self::BEHIND_ONE_IN));
        $side = $canvas->thing->longSide();
        $columns = max($behind, (int) ceil(sqrt($n - $behind)));
        $rows = (int) ceil(($n - $behind) / $columns);
        $marks = [];
        for ($i = 0; $i < $behind; ++$i) {
            $onTop = $rows - (($n - $behind) % $columns > 0 && $i >= ($n - $behind) % $columns ? 1 : 0);
            array_push($marks, ...$canvas->put(($i + 0.75) * $side, ($rows - $onTop + 0.25) * $side + 0.25 * $side, null, false, 0.94));
        }
        for ($i = 0; $i < $n - $behind; ++$i) {
            array_push($marks, ...$canvas->put(($i % $columns + 0.5) * $side, ($rows - intdiv($i, $columns) + 0.15) * $side, null, false, 0.94));
        }

        return new Drawing(($columns + 0.4) * $side, ($rows + 0.7) * $side, $marks, 'stack', ['things' => $canvas->thing->name]);
    }
}
