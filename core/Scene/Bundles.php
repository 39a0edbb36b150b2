<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Activity\Gear;
use Pindle\Core\Drawing\Box;
use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Drawing\Mark;
use Pindle\Core\Drawing\Paint;
use Pindle\Core\Drawing\Path;
use Pindle\Core\Question\Sight;

/**
 * Hundreds as mats, tens as bundles, ones as singles. To build with, all that there is lies in heaps; as far as there is help the number lies
 * there, faint. Beside them what is to be added or taken.
 */
final class Bundles
{
    /** So many of each lie in a heap to build with, one over the other. */
    private const HEAP = 9;

    public static function draw(Sight\Bundles $sight, Canvas $canvas): Drawing
    {
        $marks = [];
        $x = 4.0;
        $inHeaps = $sight->build && 0 === $canvas->done(1);
        foreach ([
            [$sight->hundreds, 60.0, self::mat(...)],
            [$sight->tens, 14.0, self::bundle(...)],
            [$sight->ones, 8.0, self::single(...)],
        ] as [$count, $wide, $draw]) {
            // Tens and singles are always there to choose from, mats where there are any.
            $lies = match (true) {
                $inHeaps => 60.0 === $wide && 0 === $count ? 0 : self::HEAP,
                $sight->build => $canvas->done($count),
                default => $count,
            };
            for ($i = 0; $i < $lies; ++$i) {
                array_push($marks, ...$canvas->gear(Gear::Bundle, ...$draw($x + $wide / 2, $sight->build && !$inHeaps ? 0.6 : 1.0)));
                $x += $inHeaps && $i < $lies - 1 ? $wide / 3 : $wide + 6.0;
            }
            $x += 0 === $lies ? 0.0 : 10.0;
        }
        if (null !== $sight->change) {
            array_push($marks, ...$canvas->card($x + 30.0, 34.0, ($sight->change < 0 ? '−' : '+').abs($sight->change), 56.0));
            $x += 64.0;
        }

        return new Drawing(
            max(120.0, $x),
            68.0,
            $marks,
            $sight->build ? 'bundles-build' : 'bundles',
            ['h' => $sight->hundreds, 't' => $sight->tens, 'o' => $sight->ones],
        );
    }

    /** @return list<Mark> */
    private static function mat(float $x, float $strength): array
    {
        $grid = '';
        for ($i = 1; $i < 10; ++$i) {
            $grid .= \sprintf('M%d -30v60M-30 %dh60', 6 * $i - 30, 6 * $i - 30);
        }

        return [
            new Box($x, 34.0, 60.0, 60.0, 2.0, new Paint('mat', 'bundle-edge', 1.2, false, $strength)),
            new Path($grid, new Paint(null, 'mat-line', 0.5, false, $strength), $x, 34.0),
        ];
    }

    /** @return list<Mark> */
    private static function bundle(float $x, float $strength): array
    {
        return [...self::stick($x, 14.0, $strength), new Box($x, 34.0, 17.0, 10.0, 0.0, new Paint('paper', 'bundle-edge', 1.0, false, $strength))];
    }

    /** @return list<Mark> */
    private static function single(float $x, float $strength): array
    {
        return self::stick($x, 8.0, $strength);
    }

    /** @return list<Mark> */
    private static function stick(float $x, float $wide, float $strength): array
    {
        return [new Box($x, 34.0, $wide, 60.0, 2.0, new Paint('bundle', 'bundle-edge', 1.2, false, $strength))];
    }
}
