<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Activity\Gear;
use Pindle\Core\Child\WholeInBond;
use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Question\Sight;

/** A whole above two parts, or to their left as the child is taught; one part is to be found, or both. */
final class Bond
{
    public static function draw(Sight\Bond $sight, Canvas $canvas): Drawing
    {
        [$n, $part, $cell] = [$sight->n, $sight->part, $canvas->cell()];
        $big = max(2.6, ceil(sqrt($n)) + 1.2) * $cell;
        $left = WholeInBond::AtLeft === $canvas->settings->wholeInBond;
        [$wholeX, $wholeY] = $left ? [0.5 * $big, 1.15 * $big] : [1.25 * $big, 0.5 * $big];
        [$firstX, $firstY] = $left ? [1.95 * $big, 0.55 * $big] : [0.5 * $big, 1.75 * $big];
        [$secondX, $secondY] = $left ? [1.95 * $big, 1.75 * $big] : [2.0 * $big, 1.75 * $big];
        $marks = [
            $canvas->link($wholeX, $wholeY, $firstX, $firstY),
            $canvas->link($wholeX, $wholeY, $secondX, $secondY),
            ...$canvas->plate($wholeX, $wholeY, $big, $big),
            ...$canvas->plate($firstX, $firstY, $big, $big),
            ...$canvas->plate($secondX, $secondY, $big, $big),
            ...$canvas->heap($n, $wholeX, $wholeY, null !== $part),
        ];
        if (null !== $part) {
            array_push($marks, ...$canvas->heap($part, $firstX, $firstY, false), ...$canvas->write('?', $secondX, $secondY, 0.3 * $big));
        }

        return new Drawing(
            2.5 * $big,
            2.3 * $big,
            $marks,
            $canvas->alt(
                null === $part ? ($left ? 'bond-open-left' : 'bond-open') : ($left ? 'bond-left' : 'bond'),
                null === $part ? 'bond-open-bare' : 'bond-bare',
                Gear::Plate,
            ),
            ['n' => $n, 'a' => $part ?? 0, 'things' => $canvas->things($n)],
        );
    }
}
