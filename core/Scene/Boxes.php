<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Activity\Gear;
use Pindle\Core\Drawing\Box;
use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Drawing\Paint;
use Pindle\Core\Question\Sight;

/** A numbered box to cover; or one that is covered and wants its number. */
final class Boxes
{
    public static function draw(Sight\Boxes $sight, Canvas $canvas): Drawing
    {
        [$n, $cell] = [$sight->n, $canvas->cell()];
        $lines = max(2, (int) ceil(max(1, $n) / 5));
        $height = max(($lines + 1) * $cell, Canvas::CARD + 8.0);
        // Beside the box, however small the things are.
        $card = 5.7 * $cell + 8.0 + Canvas::CARD / 2;

        return new Drawing($card + Canvas::CARD / 2 + 4.0, $height, [
            ...$canvas->gear(
                Gear::Box,
                new Box(2.9 * $cell, $height / 2, 5.6 * $cell, $height - 0.2 * $cell, 2.0, new Paint('paper', 'line-of-cards', 1.6)),
            ),
            ...$canvas->lines($sight->covered ? $n : $canvas->done($n), 0.4 * $cell, ($height - $lines * $cell) / 2, 5, null, !$sight->covered),
            ...$canvas->card($card, $height / 2, $sight->covered ? '' : (string) $n),
        ], $sight->covered
            ? $canvas->alt('box-label', 'box-label-bare', Gear::Box)
            : $canvas->alt('box', 'box-bare', Gear::Box), ['n' => $n, 'things' => $canvas->things($n)]);
    }
}
