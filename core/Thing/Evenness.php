<?php

declare(strict_types=1);

namespace Pindle\Core\Thing;

/**
 * Whether things are even enough for a balance: the sides must look equal when they are, and dip when one more lies on one of them.
 *
 * With mean mass m and standard deviation s, n things differ from a bag of exactly n · m by about s · √n. Sides look equal when they
 * differ by less than half a thing. Too uneven when twice the difference at n = 10 exceeds m/2.
 */
final class Evenness
{
    private const AT = 10;

    /** Lighter things do not move a coat hanger, in grams. */
    public const LIGHTEST = 2.0;

    /**
     * Walnuts (11 g, 2.2 g): 13.9 > 5.5, too uneven. Coins (3.5 g, 0.03 g): 0.19 < 1.75, fine.
     *
     * @param float $mean   grams of one thing
     * @param float $spread standard deviation in grams
     */
    public static function isEven(float $mean, float $spread): bool
    {
        return 2 * $spread * sqrt(self::AT) <= $mean / 2;
    }

    public static function isHeavyEnough(float $mean): bool
    {
        return $mean >= self::LIGHTEST;
    }

    /**
     * Mean and standard deviation of five or more things weighed one by one.
     *
     * @param non-empty-list<float> $grams
     *
     * @return array{float, float}
     */
    public static function weighed(array $grams): array
    {
        $count = \count($grams);
        $mean = array_sum($grams) / $count;
        $squares = array_sum(array_map(static fn (float $gram): float => ($gram - $mean) ** 2, $grams));

        return [$mean, sqrt($squares / max(1, $count - 1))];
    }
}
