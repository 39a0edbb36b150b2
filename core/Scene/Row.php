<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Question\Sight;

/** Things in lines of ten. */
final class Row
{
    public static function draw(Sight\Row $sight, Canvas $canvas): Drawing
    {
        $cell = $canvas->cell();

        return new Drawing(
            max(1, min(10, $sight->n)) * $cell,
            ceil(max(1, $sight->n) / 10) * $cell,
            $canvas->lines($sight->n, 0, 0, 10),
            'row',
            ['n' => $sight->n, 'things' => $canvas->things($sight->n)],
        );
    }
}
