<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Question\Sight;

/** Things lying about. */
final class Scatter
{
    public static function draw(Sight\Scatter $sight, Canvas $canvas): Drawing
    {
        return self::strewn($canvas, $sight->n, 0, 'scatter', ['n' => $sight->n, 'things' => $canvas->things($sight->n)]);
    }

    /**
     * So many things lying about, and so many of the other role among them; of one kind in two colours those are outlines.
     *
     * @param array<string, int|string> $values
     */
    public static function strewn(Canvas $canvas, int $n, int $others, string $alt, array $values): Drawing
    {
        $cell = (0 === $others ? $canvas->cell() : $canvas->widerCell()) * 1.25;
        $side = max(2, (int) ceil(sqrt(max(1, $n + $others) * 1.6)));
        $marks = [];
        foreach (\array_slice($canvas->random->shuffleArray(range(0, $side * $side - 1)), 0, $n + $others) as $i => $place) {
            $wobble = static fn (): float => $canvas->random->getInt(-10, 10) / 100 * $cell;
            [$x, $y] = [($place % $side + 0.5) * $cell + $wobble(), (intdiv($place, $side) + 0.5) * $cell + $wobble()];
            array_push($marks, ...($i < $n ? $canvas->put($x, $y) : $canvas->put($x, $y, $canvas->other, $canvas->oneKind())));
        }

        return new Drawing($side * $cell, $side * $cell, $marks, $alt, $values);
    }
}
