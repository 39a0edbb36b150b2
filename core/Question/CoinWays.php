<?php

declare(strict_types=1);

namespace Pindle\Core\Question;

/** Every way to pay an amount with a set of coins, limited by the coins at hand. */
final class CoinWays
{
    /** A made-up set of play coins; an activity may have any other. */
    public const PLAY_COINS = [1, 2, 5, 10, 20, 50];

    /**
     * Fewest coins first; among as many coins the way with the larger ones first. With 1, 2, 5, 10, 20, 50 there are four ways to make 5 and eleven to make 10.
     *
     * @param int                  $amount 0 to 100
     * @param list<int>            $values each above 0
     * @param array<int, int>|null $atHand value => how many there are; null for as many as wanted
     *
     * @return list<array<int, int>> value => how many, larger values first
     *
     * @throws BadCoins when the amount or a value is out of range
     */
    public static function of(int $amount, array $values, ?array $atHand = null): array
    {
        if ($amount < 0 || $amount > 100) {
            throw BadCoins::amount($amount);
        }
        $values = array_values(array_unique($values));
        foreach ($values as $value) {
            if ($value < 1) {
                throw BadCoins::value($value);
            }
        }
        rsort($values);
        $ways = self::from($amount, $values, $atHand);
        usort($ways, static fn (array $a, array $b): int => array_sum($a) <=> array_sum($b));

        return $ways;
    }

    /**
     * @param list<int>            $values larger first
     * @param array<int, int>|null $atHand
     *
     * @return list<array<int, int>>
     */
    private static function from(int $amount, array $values, ?array $atHand): array
    {
        if (0 === $amount) {
            return [[]];
        }
        if ([] === $values) {
            return [];
        }
        $value = $values[0];
        $ways = [];
        for ($count = min(intdiv($amount, $value), $atHand[$value] ?? (null === $atHand ? $amount : 0)); $count >= 0; --$count) {
            foreach (self::from($amount - $count * $value, \array_slice($values, 1), $atHand) as $way) {
                $ways[] = ($count > 0 ? [$value => $count] : []) + $way;
            }
        }

        return $ways;
    }
}
