<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Activity\Gear;
use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Question\Sight;

/** A hanger with two pans: things against things, or against the bag that weighs as much as its numeral says. */
final class Balance
{
    public static function draw(Sight\Balance $sight, Canvas $canvas): Drawing
    {
        $cell = $canvas->cell();
        [$pan, $high] = [4.6 * $cell, max(2, (int) ceil(max($sight->left, $sight->right) / 4)) * $cell];
        $width = 2 * $pan + 1.4 * $cell;
        $marks = [$canvas->line($pan / 2, 10.0, $width - $pan / 2, 10.0)];
        foreach ([$sight->left, $sight->right] as $side => $count) {
            $left = 0 === $side ? 0.0 : $pan + 1.4 * $cell;
            $middle = $left + $pan / 2;
            $marks = [
                ...$marks,
                $canvas->link($middle, 10.0, $middle, 30.0),
                ...$canvas->bowl($middle, 30.0 + $high / 2, $pan, $high + 0.6 * $cell),
                ...($sight->bag && 0 === $side ? $canvas->card($middle, 30.0 + $high / 2, (string) $count) : $canvas->lines(
                    $count,
                    $left + ($pan - 4 * $cell) / 2,
                    30.0,
                    4,
                )),
            ];
        }

        return new Drawing(
            $width,
            34.0 + $high + 0.4 * $cell,
            $marks,
            $canvas->alt($sight->bag ? 'balance-to' : 'balance', $sight->bag ? 'balance-to-bare' : 'balance-bare', Gear::Hanger),
            ['a' => $sight->left, 'b' => $sight->right, 'things' => $canvas->things($sight->left)],
        );
    }
}
