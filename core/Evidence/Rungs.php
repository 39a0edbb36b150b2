<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

/**
 * Which earlier states of a record are kept, to begin from when something comes late: close together where it is young, further apart the older it
 * is, so that what is replayed is never more than about twice as much as came since, and few are kept however many years there are.
 */
final class Rungs
{
    /** Pieces of evidence between two that are young. */
    public const EVERY = 200;

    /**
     * Those that stay, of some that are kept, once there is a newer one.
     *
     * @param list<int> $places pieces of evidence in each, at least 1, fewer first; the last is the newest
     *
     * @return list<int> in the same order
     */
    public static function staying(array $places): array
    {
        $all = array_reverse($places);
        $newest = $all[0] ?? 0;
        for ($i = 1; $i + 1 < \count($all);) {
            // One is left out where those beside it are no further apart than the younger of them is old.
            $isSpare = $all[$i - 1] - $all[$i + 1] <= $newest - $all[$i - 1];
            $isSpare ? array_splice($all, $i, 1) : ++$i;
        }

        return array_reverse($all);
    }

    /**
     * Those that would be kept of a record that grew to so many pieces of evidence.
     *
     * @return list<int> fewer first
     */
    public static function of(int $count): array
    {
        $places = [];
        for ($place = self::EVERY; $place <= $count; $place += self::EVERY) {
            $places = self::staying([...$places, $place]);
        }

        return $places;
    }
}
