<?php

declare(strict_types=1);

namespace Pindle\Core\Question;

/**
 * Two dice made for a reach: every roll is legal and every wanted result can come up. Among those the most distinct ordered pairs, then
 * the most even results (least sum of squared difference from 36 ÷ number of results), then the first in order.
 */
final readonly class Dice
{
    private const FACES = 6;

    /** The most one face carries; above it cards are better. */
    public const MOST = 6;

    /**
     * @param list<int>       $first   six faces, ascending
     * @param list<int>       $second  six faces, ascending
     * @param array<int, int> $results result => in how many of the 36 rolls, ascending
     */
    private function __construct(public array $first, public array $second, public array $results)
    {
    }

    /**
     * Dice for putting together: every total from 0 to the reach. Within 5: 0 0 1 1 2 2 and 0 0 1 2 3 3. Null above 12, where cards are better.
     */
    public static function forJoining(int $reach): ?self
    {
        return self::best($reach, static fn (int $a, int $b): int => $a + $b, static fn (int $a, int $b): bool => $a + $b <= $reach);
    }

    /** Dice for taking away, the first the whole: every rest from 0 to the reach. Null above 6, where cards are better. */
    public static function forTaking(int $reach): ?self
    {
        return self::best($reach, static fn (int $a, int $b): int => $a - $b, static fn (int $a, int $b): bool => $a >= $b && $a <= $reach);
    }

    /**
     * The dice that a question is rolled with, each rolled result inside the reach; null where nothing is rolled or cards are better.
     */
    public static function of(Prompt $prompt, int $reach): ?self
    {
        /** @var array<string, self|null> $worked worked out once: there are few reaches, and each takes a while */
        static $worked = [];

        return match (true) {
            $prompt instanceof Kind\Join => $worked['join '.$reach] ??= self::forJoining($reach),
            $prompt instanceof Kind\Take => $worked['take '.$reach] ??= $reach <= self::MOST ? self::forTaking($reach) : null,
            default => null,
        };
    }

    /** Whether a question can come up: with dice it is what was rolled. Where there are none, cards can show anything. */
    public static function canAsk(Prompt $prompt, int $reach): bool
    {
        return [] !== self::of($prompt, $reach)?->rolled($prompt);
    }

    /** @return array{int, int}|array{} what the first die and the second show; nothing when they cannot show it */
    public function rolled(Prompt $prompt): array
    {
        [$one, $other] = match (true) {
            $prompt instanceof Kind\Join => [$prompt->a, $prompt->b],
            $prompt instanceof Kind\Take => [$prompt->n, $prompt->b],
            default => [-1, -1],
        };

        return match (true) {
            \in_array($one, $this->first, true) && \in_array($other, $this->second, true) => [$one, $other],
            // Which of the two is rolled first does not matter where they are put together.
            $prompt instanceof Kind\Join && \in_array($other, $this->first, true) && \in_array($one, $this->second, true) => [$other, $one],
            default => [],
        };
    }

    /** Chance of a result, 0 to 1. */
    public function chance(int $result): float
    {
        return ($this->results[$result] ?? 0) / (self::FACES ** 2);
    }

    /** Chance that a roll gives the same result as the one before. */
    public function chanceOfRepeat(): float
    {
        return array_sum(array_map(static fn (int $count): float => ($count / self::FACES ** 2) ** 2, $this->results));
    }

    /**
     * @param callable(int, int): int  $result
     * @param callable(int, int): bool $isLegal
     */
    private static function best(int $reach, callable $result, callable $isLegal): ?self
    {
        $byDistinct = [];
        foreach (self::multisets(min(self::MOST, $reach)) as $faces) {
            $byDistinct[\count(array_unique($faces))][] = $faces;
        }
        $products = [];
        foreach (array_keys($byDistinct) as $a) {
            foreach (array_keys($byDistinct) as $b) {
                $products[$a * $b][] = [$a, $b];
            }
        }
        krsort($products);
        foreach ($products as $pairs) {
            $best = null;
            $least = \INF;
            foreach ($pairs as [$a, $b]) {
                foreach ($byDistinct[$a] as $first) {
                    foreach ($byDistinct[$b] as $second) {
                        // The extremes decide: what the largest and the smallest may, all may.
                        if (!$isLegal($first[5], $second[5]) || !$isLegal($first[0], $second[5])) {
                            continue;
                        }
                        $counts = self::counts($first, $second, $result);
                        $unevenness = self::unevenness($counts, $reach);
                        if (
                            null !== $unevenness
                            && ($unevenness < $least || ($unevenness === $least && null !== $best && [$first, $second] < [$best->first, $best->second]))
                        ) {
                            [$best, $least] = [new self($first, $second, $counts), $unevenness];
                        }
                    }
                }
            }
            if (null !== $best) {
                return $best;
            }
        }

        return null;
    }

    /**
     * @param list<int>               $first
     * @param list<int>               $second
     * @param callable(int, int): int $result
     *
     * @return array<int, int>
     */
    private static function counts(array $first, array $second, callable $result): array
    {
        $counts = [];
        foreach ($first as $a) {
            foreach ($second as $b) {
                $of = $result($a, $b);
                $counts[$of] = ($counts[$of] ?? 0) + 1;
            }
        }
        ksort($counts);

        return $counts;
    }

    /** @param array<int, int> $counts null when a wanted result never comes up */
    private static function unevenness(array $counts, int $reach): ?float
    {
        $sum = 0.0;
        for ($wanted = 0; $wanted <= $reach; ++$wanted) {
            if (!isset($counts[$wanted])) {
                return null;
            }
            $sum += ($counts[$wanted] - self::FACES ** 2 / ($reach + 1)) ** 2;
        }

        return $sum;
    }

    /** @return list<list<int>> all sixes of faces from 0 to the most, ascending */
    private static function multisets(int $most): array
    {
        $sets = [[]];
        for ($face = 0; $face < self::FACES; ++$face) {
            $longer = [];
            foreach ($sets as $set) {
                for ($value = $set[$face - 1] ?? 0; $value <= $most; ++$value) {
                    $longer[] = [...$set, $value];
                }
            }
            $sets = $longer;
        }

        return $sets;
    }
}
