<?php

declare(strict_types=1);

namespace Pindle\Core\Printable;

use Random\Randomizer;

/** The same numbers in several columns to be matched: in no row do two columns show the same one. */
final class Columns
{
    private const TRIES = 200;

    /**
     * @param non-empty-list<int> $numbers each once
     *
     * @return list<list<int>> a column each; where there are fewer numbers than columns some must repeat an order
     */
    public static function of(array $numbers, int $columns, Randomizer $random): array
    {
        $all = [$random->shuffleArray($numbers)];
        while (\count($all) < $columns) {
            $next = null;
            for ($try = 0; $try < self::TRIES && null === $next; ++$try) {
                $order = $random->shuffleArray($numbers);
                $next = self::isApart($order, $all) ? $order : null;
            }
            // Turned on by one more, it is apart from those turned on by less.
            $turn = \count($all) % \count($numbers);
            $all[] = $next ?? [...\array_slice($all[0], $turn), ...\array_slice($all[0], 0, $turn)];
        }

        return $all;
    }

    /**
     * @param list<int>       $order
     * @param list<list<int>> $others
     */
    private static function isApart(array $order, array $others): bool
    {
        foreach ($others as $other) {
            foreach ($order as $i => $number) {
                if ($number === $other[$i]) {
                    return false;
                }
            }
        }

        return true;
    }
}
