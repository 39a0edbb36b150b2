<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Thing\Thing;

/** What to fetch for a day: of each thing as many as lie out at the same time at most. */
final class BringList
{
    /**
     * @param list<SetUp> $setUps
     *
     * @return list<array{thing: Thing, count: int}> in the order they are first used
     */
    public static function of(array $setUps): array
    {
        $bring = [];
        foreach ($setUps as $setUp) {
            foreach ($setUp->laid as $laid) {
                $used = self::inUse($laid->thing->id, $setUp, $setUps);
                $bring[$laid->thing->id] = ['thing' => $laid->thing, 'count' => max($used, $bring[$laid->thing->id]['count'] ?? 0)];
            }
        }

        return array_values($bring);
    }

    /**
     * How many of a thing lie out at most while a set-up does, itself included.
     *
     * @param list<SetUp> $setUps
     */
    private static function inUse(string $thingId, SetUp $during, array $setUps): int
    {
        $count = 0;
        foreach ($setUps as $setUp) {
            if ($setUp->key === $during->key || $setUp->span->overlaps($during->span)) {
                foreach ($setUp->laid as $laid) {
                    $count += $laid->thing->id === $thingId ? $laid->count : 0;
                }
            }
        }

        return $count;
    }
}
