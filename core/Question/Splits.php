<?php

declare(strict_types=1);

namespace Pindle\Core\Question;

/** The ways to make a number from two parts, nothing included: 10 has 6 pairs, 11 ways when order counts. */
final class Splits
{
    /** @return list<array{int, int}> the larger part first */
    public static function pairs(int $n): array
    {
        return array_map(static fn (int $small): array => [$n - $small, $small], range(0, intdiv($n, 2)));
    }

    /** @return list<array{int, int}> turn-arounds as well */
    public static function ordered(int $n): array
    {
        return array_map(static fn (int $first): array => [$first, $n - $first], range(0, $n));
    }
}
