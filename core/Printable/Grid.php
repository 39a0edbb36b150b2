<?php

declare(strict_types=1);

namespace Pindle\Core\Printable;

use Pindle\Core\Drawing\Line;
use Pindle\Core\Drawing\Mark;

/** Pieces of one size side by side, cut apart along shared lines, as many to a page as fit. */
final class Grid
{
    /**
     * @param list<callable(float, float): list<Mark>> $cells each drawn about its middle
     *
     * @return list<list<Mark>> by page
     */
    public static function pages(Format $format, float $wide, float $high, array $cells): array
    {
        [$columns, $lines] = [self::fit($format->wide, $wide), self::fit($format->high, $high)];
        $pages = [];
        foreach (array_chunk($cells, max(1, $columns * $lines)) as $some) {
            $used = (int) ceil(\count($some) / $columns);
            $across = min($columns, \count($some));
            $left = $format->left + ($format->wide - $across * $wide) / 2;
            $marks = [];
            foreach ($some as $i => $cell) {
                array_push($marks, ...$cell($left + ($i % $columns + 0.5) * $wide, $format->top + (intdiv($i, $columns) + 0.5) * $high));
            }
            for ($line = 0; $line <= $used; ++$line) {
                $marks[] = new Line($left, $format->top + $line * $high, $left + $across * $wide, $format->top + $line * $high, Stroke::cut());
            }
            for ($column = 0; $column <= $across; ++$column) {
                $marks[] = new Line($left + $column * $wide, $format->top, $left + $column * $wide, $format->top + $used * $high, Stroke::cut());
            }
            $pages[] = $marks;
        }

        return $pages;
    }

    private static function fit(float $room, float $piece): int
    {
        return max(1, (int) floor($room / $piece + 1e-6));
    }
}
