<?php

declare(strict_types=1);

namespace Pindle\Core\Printable;

use Pindle\Core\Question\Prompt;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** The numbers of a sheet that is made for questions: those that are asked, and where they are too few others of the reach. */
final class Asked
{
    /**
     * @param int $count at least so many, where the reach has them
     *
     * @return non-empty-list<int> each once, those that are asked first
     */
    public static function numbers(Order $order, int $count, int $least = 1): array
    {
        $asked = array_map(static fn (Prompt $prompt): int => $prompt->amounts()->n, $order->prompts);
        $asked = array_values(array_unique(array_filter($asked, static fn (int $n): bool => $n >= $least && $n <= $order->reach)));
        $others = self::random($order)->shuffleArray(array_values(array_diff(range($least, max($least, $order->reach)), $asked)));

        return [...$asked, ...\array_slice($others, 0, max(0, $count - \count($asked)))] ?: [$least];
    }

    /**
     * @return non-empty-list<array{int, int}> two parts each, none of them twice
     */
    public static function pairs(Order $order, int $count): array
    {
        $pairs = [];
        foreach ($order->prompts as $prompt) {
            $of = $prompt->amounts();
            $pairs += $of->a + $of->b > 0 && $of->a + $of->b <= $order->reach ? [$of->a.'+'.$of->b => [$of->a, $of->b]] : [];
        }
        $all = [];
        for ($a = 1; $a <= $order->reach; ++$a) {
            for ($b = 0; $a + $b <= $order->reach; ++$b) {
                $all[$a.'+'.$b] = [$a, $b];
            }
        }
        $others = self::random($order)->shuffleArray(array_values(array_diff_key($all, $pairs)));

        return [...array_values($pairs), ...\array_slice($others, 0, max(0, $count - \count($pairs)))] ?: [[1, 0]];
    }

    /** @return non-empty-list<Sum> those that are asked; where nothing is, the usual ones of the reach: a nought and a double among them */
    public static function sums(Order $order, int $count): array
    {
        $asked = array_values(array_filter(array_map(Sum::of(...), $order->prompts)));
        if ([] !== $asked) {
            return $asked;
        }
        [$reach, $half] = [$order->reach, intdiv($order->reach, 2)];
        // A nought does not open it.
        $usual = [
            Sum::joined($reach - 1, 1),
            Sum::joined(max(1, intdiv($reach, 4)), max(1, intdiv($reach, 4))),
            Sum::joined($half, 0),
            Sum::joined($half, $reach - $half),
        ];
        $others = array_filter(self::pairs($order, 4 * $count), static fn (array $pair): bool => $pair[0] > 0 && $pair[1] > 0);
        $more = array_map(static fn (array $pair): Sum => Sum::joined($pair[0], $pair[1]), array_values($others));
        $sums = [];
        foreach ([...$usual, ...$more] as $sum) {
            $sums[$sum->asked()] ??= $sum;
        }

        return \array_slice(array_values($sums), 0, max(1, $count)) ?: [Sum::joined($half, 0)];
    }

    private static function random(Order $order): Randomizer
    {
        return new Randomizer(new Xoshiro256StarStar($order->seed));
    }
}
