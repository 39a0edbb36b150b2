<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Activity\Gear;
use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Drawing\Oval;
use Pindle\Core\Drawing\Paint;
use Pindle\Core\Question\Sight;

/** A price and coins to pay it with, more than are needed; of one kind one of each stands for its kind. */
final class Coins
{
    public static function draw(Sight\Coins $sight, Canvas $canvas): Drawing
    {
        $marks = $canvas->card(34.0, 34.0, (string) $sight->n, 56.0, 56.0);
        $purse = $sight->oneKind ? [1, 2, 5, 10, 20] : [1, 1, 1, 2, 2, 5, 5, 10, 20];
        foreach (array_values(array_filter($purse, static fn (int $value): bool => $value <= max(2, $sight->n))) as $i => $value) {
            [$x, $y] = [96.0 + ($i % 5) * 32.0, 20.0 + intdiv($i, 5) * 32.0];
            array_push($marks, ...$canvas->gear(
                Gear::Coin,
                new Oval($x, $y, 26.0, 26.0, new Paint('play-coin', 'play-coin-edge', 1.4)),
                ...$canvas->write((string) $value, $x, $y, 12.0),
            ));
        }

        return new Drawing(250.0, 68.0, $marks, 'coins', ['n' => $sight->n]);
    }
}
