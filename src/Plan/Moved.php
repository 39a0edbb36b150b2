<?php

declare(strict_types=1);

namespace Pindle\App\Plan;

use Pindle\App\Content\Words;
use Pindle\App\Household\Activities;
use Pindle\Core\Planning\Laid;
use Pindle\Core\Planning\SetUp;

/** Says in words what a change moved. */
final readonly class Moved
{
    public function __construct(private Words $words, private Activities $activities)
    {
    }

    /**
     * @param list<StoredSetUp> $before
     * @param list<StoredSetUp> $after
     *
     * @return list<string>
     */
    public function between(array $before, array $after): array
    {
        [$was, $is] = [self::open($before), self::open($after)];
        $said = [];
        foreach (array_diff_key($was, $is) as $gone) {
            $said[] = $this->say('gone', $gone);
        }
        foreach ($is as $id => $setUp) {
            $old = $was[$id] ?? null;
            $said = [...$said, ...match (true) {
                null === $old => [$this->say('new', $setUp)],
                $old->span->start !== $setUp->span->start => [$this->say('moved', $setUp)],
                $old->childIds() !== $setUp->childIds() => [$this->say('children', $setUp)],
                $old->thingIds() !== $setUp->thingIds() => [$this->say('things', $setUp)],
                default => [],
            }];
        }

        return [] === $said ? [$this->words->say('moved', 'nothing')] : $said;
    }

    private function say(string $what, SetUp $setUp): string
    {
        return $this->words->say('moved', $what, [
            'activity' => $this->activities->words($setUp->activity->id)->name,
            'time' => \sprintf('%d:%02d', intdiv($setUp->span->start, 60), $setUp->span->start % 60),
            'things' => implode(', ', array_map(static fn (Laid $laid): string => $laid->count.' '.$laid->called(), $setUp->laid)),
        ]);
    }

    /**
     * @param list<StoredSetUp> $all
     *
     * @return array<string, SetUp> by id: what is planned and not done
     */
    private static function open(array $all): array
    {
        $open = [];
        foreach ($all as $stored) {
            if (SetUpState::Dropped !== $stored->state && !$stored->isDone()) {
                $open[$stored->setUp->key] = $stored->setUp;
            }
        }

        return $open;
    }
}
