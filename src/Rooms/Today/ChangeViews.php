<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

use Pindle\App\Content\Words;
use Pindle\App\Household\Activities;
use Pindle\App\Plan\DayEntity;
use Pindle\App\Plan\Refusals;
use Pindle\App\Plan\Requests;
use Pindle\App\Plan\StoredSetUp;
use Pindle\App\Views\Views;
use Pindle\Core\Caution\Cautions;
use Pindle\Core\Child\Child;
use Pindle\Core\Planning\Swap;
use Pindle\Core\Planning\Woken;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Thing\Thing;

/** Says what a change would cost or gain, and what to do when the day turns. */
final readonly class ChangeViews
{
    /** What is learnt tells apart from this part of the goal on. */
    private const TELLS = 0.5;

    public function __construct(
        private Activities $activities,
        private Words $words,
        private Views $views,
        private SkillMap $map,
        private Cautions $cautions,
        private Requests $requests,
        private Refusals $refusals,
    ) {
    }

    /** @param list<Swap> $swaps */
    public function swaps(array $swaps): SwapsView
    {
        return new SwapsView(array_map(function (Swap $swap): SwapView {
            $words = $this->activities->words($swap->setUp->activity->id);

            return new SwapView(
                $swap->setUp->activity->id,
                $words->name,
                $words->inShort,
                $swap->setUp->span->start,
                $swap->setUp->span->end,
                $this->views->laid($swap->setUp),
                array_map(fn ($sitting): string => $this->words->step($this->map->step($sitting->course()->stepId)), $swap->setUp->sittings),
                $this->costs($swap),
            );
        }, $swaps));
    }

    /** @return list<string> */
    private function costs(Swap $swap): array
    {
        $say = fn (string $key, int $n = 0): string => $this->words->say('swaps', $key, ['n' => $n]);
        $costs = [match (true) {
            $swap->learning > self::TELLS => $say('learn-more'),
            $swap->learning < -self::TELLS => $say('learn-less'),
            default => $say('learn-same'),
        }];
        foreach ([
            [$swap->kinds, 'kinds-more', 'kinds-fewer'],
            [$swap->minutes, 'longer', 'shorter'],
            [$swap->with, 'with-more', 'with-less'],
        ] as [$by, $more, $less]) {
            $costs = 0 === $by ? $costs : [...$costs, $say($by > 0 ? $more : $less, abs($by))];
        }

        return $swap->isNew ? [...$costs, $say('new')] : $costs;
    }

    /**
     * @param list<StoredSetUp> $setUps of the day
     *
     * @return list<WokenView> for what lies out at that minute
     */
    public function woken(Child $child, array $setUps, DayEntity $day, int $at): array
    {
        $request = $this->requests->of($day, [], []);
        $views = [];
        foreach ($setUps as $stored) {
            $setUp = $stored->setUp;
            if (!$stored->isDone() && $setUp->span->start <= $at && $at < $setUp->span->end) {
                $woken = Woken::at($setUp, $child, $request, $this->cautions);
                $views[] = new WokenView(
                    $setUp->key,
                    $this->activities->words($setUp->activity->id)->name,
                    array_map(static fn (Thing $thing): string => $thing->name, $woken->leaves),
                    $woken->goesOn,
                    $this->words->say('woken', $woken->goesOn),
                );
            }
        }

        return $views;
    }

    public function refused(StoredSetUp $stored, Child $child): RefusedView
    {
        $activity = $this->activities->words($stored->setUp->activity->id);
        $ways = [$this->words->say('refusals', 'roles', ['turn' => $activity->childTurn])];
        if ([] !== $stored->setUp->laid) {
            $ways[] = $this->words->say('refusals', 'things');
        }
        $ways[] = $this->words->say('refusals', 'leave');
        $game = $this->refusals->ofGame($stored->setUp->activity->id, $child->id, $stored->date);
        $hour = $this->refusals->atHour($stored->setUp->span->start, $stored->date);
        $told = [
            ...$game >= Refusals::SEVERAL
                ? [$this->words->say('refusals', 'game', ['child' => $child->name, 'activity' => $activity->name, 'times' => $game])]
                : [],
            ...$hour >= Refusals::SEVERAL ? [$this->words->say('refusals', 'hour', ['times' => $hour])] : [],
        ];

        return new RefusedView($ways, $told);
    }
}
