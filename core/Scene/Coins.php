<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Activity\Gear;
use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Drawing\Mark;
use Pindle\Core\Drawing\Oval;
use Pindle\Core\Drawing\Paint;
use Pindle\Core\Question\Sight;

/** A price and coins to pay it with, more than are needed; of one kind one of each stands for its kind. */
final class Coins
{
    public static function draw(Sight\Coins $sight, Canvas $canvas): Drawing
    {
        if ($sight->named) {
            return new Drawing(80.0, 68.0, self::coin($canvas, $sight->n, 40.0, 34.0, 44.0), 'coin', ['n' => $sight->n]);
        }
        $marks = $canvas->card(34.0, 34.0, (string) $sight->n, 56.0, 56.0);
        $purse = [];
        foreach ($canvas->settings->coins->atHand as $value => $count) {
            // Small ones more often: enough to pay in two ways.
            $wanted = $sight->oneKind || $value >= 10 ? 1 : ($value < 2 ? 3 : 2);
            array_push($purse, ...$value <= max(2, $sight->n) ? array_fill(0, min($count, $wanted), $value) : []);
        }
        foreach ($purse as $i => $value) {
            array_push($marks, ...self::coin($canvas, $value, 96.0 + ($i % 5) * 32.0, 20.0 + intdiv($i, 5) * 32.0, 26.0));
        }

        return new Drawing(250.0, max(68.0, 8.0 + 32.0 * ceil(\count($purse) / 5)), $marks, 'coins', ['n' => $sight->n]);
    }

    /** @return list<Mark> */
    private static function coin(Canvas $canvas, int $value, float $x, float $y, float $wide): array
    {
        return $canvas->gear(
            Gear::Coin,
            new Oval($x, $y, $wide, $wide, new Paint('play-coin', 'play-coin-edge', 1.4)),
            ...$canvas->write((string) $value, $x, $y, 0.46 * $wide),
        );
    }
}
