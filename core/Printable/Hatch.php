<?php

declare(strict_types=1);

namespace Pindle\Core\Printable;

use Pindle\Core\Drawing\Line;
use Pindle\Core\Drawing\Mark;

/** A pattern that is told apart in black and white too: slanting lines, cut at the edges here because the printer's writer knows no patterns. */
final class Hatch
{
    /**
     * A box filled from its left upper corner. All in millimetres.
     *
     * @param float $gap  between two lines, across them times the root of two; above 0
     * @param bool  $back whether they slant the other way
     *
     * @return list<Mark>
     */
    public static function box(float $left, float $top, float $wide, float $high, float $gap, bool $back = false): array
    {
        $lines = [];
        for ($at = $gap; $at < $wide + $high; $at += $gap) {
            // From where it enters at the left or the bottom to where it leaves at the top or the right: x + y = at.
            [$fromX, $fromY] = $at <= $high ? [0.0, $at] : [$at - $high, $high];
            [$toX, $toY] = $at <= $wide ? [$at, 0.0] : [$wide, $at - $wide];
            if ($back) {
                [$fromX, $toX] = [$wide - $fromX, $wide - $toX];
            }
            $lines[] = new Line($left + $fromX, $top + $fromY, $left + $toX, $top + $toY, Stroke::fine());
        }

        return $lines;
    }
}
