<?php

declare(strict_types=1);

namespace Pindle\Core\Journal;

/** Days in as few parts as hold them, in order, each part with so many photographs at most: a printer, and whoever holds the pages, has an end. */
final class Parts
{
    /** Photographs of one part. */
    public const MOST = 60;

    /**
     * @param array<string, int> $photographs day => how many, in order
     *
     * @return list<array<string, array{int, int}>> a part a piece: day => first and one past the last of its photographs in it. A day with more than fit in one
     *                                              part goes on in the next; at least one part
     */
    public static function of(array $photographs, int $most = self::MOST): array
    {
        $parts = [[]];
        $left = $most;
        foreach ($photographs as $day => $count) {
            $done = 0;
            do {
                // A day is kept together where it fits into a part of its own.
                if (($count > $done && 0 === $left) || ($count - $done > $left && $left < $most && [] !== $parts[\count($parts) - 1])) {
                    $parts[] = [];
                    $left = $most;
                }
                $now = min($left, $count - $done);
                $parts[\count($parts) - 1][$day] = [$done, $done + $now];
                $done += $now;
                $left -= $now;
            } while ($done < $count);
        }

        return $parts;
    }
}
