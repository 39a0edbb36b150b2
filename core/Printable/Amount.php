<?php

declare(strict_types=1);

namespace Pindle\Core\Printable;

use Pindle\Core\Drawing\Mark;

/** So many pictures of a thing in a box, in rows, with nothing inside so that they can be coloured: as large as fits, and on one sheet all of a size. */
final class Amount
{
    private const MOST = 18.0;
    private const ROOM = 1.12;
    private const ROW = 5;

    /**
     * @param float    $left    of the box, from the page's left upper corner in millimetres, as all of them
     * @param int|null $columns in a row; fives where nothing is said
     * @param int      $most    the largest amount of the sheet
     *
     * @return list<Mark>
     */
    public static function drawn(Order $order, int $count, float $left, float $top, float $wide, float $high, ?int $columns = null, int $most = 0): array
    {
        $columns = max(1, min($columns ?? self::ROW, $count));
        $lines = max(1, (int) ceil($count / $columns));
        $widest = max($columns, min(self::ROW, $most));
        $cell = min(self::MOST * self::ROOM, $wide / $widest, $high / max($lines, (int) ceil($most / $widest)));
        $glyph = $order->hand->glyph($order->glyph());
        $marks = [];
        for ($i = 0; $i < $count; ++$i) {
            array_push($marks, ...$glyph->at(
                $left + $wide / 2 + ($i % $columns - ($columns - 1) / 2) * $cell,
                $top + $high / 2 + (intdiv($i, $columns) - ($lines - 1) / 2) * $cell,
                $cell / self::ROOM,
                fill: 'white',
            ));
        }

        return $marks;
    }
}
