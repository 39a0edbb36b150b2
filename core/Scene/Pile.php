<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Activity\Gear;
use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Question\Sight;

/** A pile to take from, and an empty plate to put them on; a card on it where the number is to be read. */
final class Pile
{
    /** So many more lie there than are to be taken. */
    private const TO_SPARE = 3;

    public static function draw(Sight\Pile $sight, Canvas $canvas): Drawing
    {
        [$pile, $cell] = [$sight->n + self::TO_SPARE, $canvas->cell()];
        $height = max(3, ceil($pile / 6)) * $cell;
        $marks = [...$canvas->lines($pile, 0, 0, 6), ...$canvas->plate(8.2 * $cell, $height / 2, 3.4 * $cell, 3.0 * $cell)];
        if ($sight->card) {
            array_push($marks, ...$canvas->card(8.2 * $cell, $height / 2, (string) $sight->n));
        }

        return new Drawing(10 * $cell, $height, $marks, $canvas->alt('pile', 'pile-bare', Gear::Plate), ['n' => $sight->n, 'things' => $canvas->thing->name]);
    }
}
