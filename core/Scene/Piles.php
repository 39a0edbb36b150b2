<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Question\Sight;

/** Piles of the same: the first one as it is to be, the others as far as there is help, and the places for them. */
final class Piles
{
    public static function draw(Sight\Piles $sight, Canvas $canvas): Drawing
    {
        [$piles, $each, $cell] = [$sight->piles, $sight->each, $canvas->cell() * 0.8];
        $perLine = $each > 5 ? 5 : 2;
        [$wide, $high] = [$perLine * $cell + 8.0, ceil($each / $perLine) * $cell + 8.0];
        $marks = [];
        for ($pile = 0; $pile < $piles; ++$pile) {
            [$x, $y] = [($pile % 5) * ($wide + 8.0), intdiv($pile, 5) * ($high + 8.0)];
            array_push($marks, ...$canvas->plate($x + $wide / 2, $y + $high / 2, $wide, $high));
            if ($pile >= 1 + $canvas->done($piles - 1)) {
                $marks[] = $canvas->gap($x + $wide / 2, $y + $high / 2, 0.8 * $wide, 0.8 * $high);
                continue;
            }
            for ($i = 0; $i < $each; ++$i) {
                array_push(
                    $marks,
                    ...$canvas->put($x + 4.0 + ($i % $perLine + 0.5) * $cell, $y + 4.0 + (intdiv($i, $perLine) + 0.5) * $cell, null, false, 0.8),
                );
            }
        }

        return new Drawing(
            min(5, $piles) * ($wide + 8.0),
            ceil($piles / 5) * ($high + 8.0),
            $marks,
            'piles',
            ['piles' => $piles, 'each' => $each, 'things' => $canvas->things($each)],
        );
    }
}
