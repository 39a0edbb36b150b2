<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Activity;
use Pindle\Core\Advice\Choosing;
use Pindle\Core\Calendar\LocalDate;

/**
 * Looks ahead: plans day after day as it would be planned then, if until then everything goes as may be expected. Nothing of it is kept, and the same
 * days give the same outlook.
 */
final readonly class Outlook
{
    /** Of ten steps of an outlook so many came within the week: measured by `./pindle bench households`, where one day in five comes to nothing. */
    public const COME_OF_TEN = 7;

    public function __construct(private Planner $planner, private Choosing $choosing = new Choosing())
    {
    }

    /**
     * Day by day, so that whoever waits can see how far it is; in the end what waits.
     *
     * @param list<DayAhead>                        $days in order
     * @param list<array{Activity, int, LocalDate}> $used  what came about before the first of them: how often, and when first
     * @param list<LivedDay>                               $lived the days before the first of them, at least those of its week, in order
     *
     * @return \Generator<int, OutlookDay, mixed, array<string, array<string, WhyWaits>>> returns child id => strand => why nothing of it comes
     */
    public function of(array $days, array $used, array $lived): \Generator
    {
        $known = $waits = $touched = $due = $games = [];
        foreach ($used as $one) {
            $games[$one[0]->id] = $one;
        }
        foreach ($days as $day) {
            $request = self::expecting($day->request, $known, array_values($games))->after($lived);
            $isOff = [] === $request->windows;
            $prospects = $isOff ? null : $this->planner->prospects($request);
            $setUps = $day->planned ?? (null === $prospects ? [] : self::ahead($request, $this->planner->plan($request, $prospects)));
            $fallen = $isOff ? [] : self::fallen($request, $due);
            yield new OutlookDay($request->date, null !== $day->planned, $setUps, $fallen, self::newGames($request, $setUps));
            if (null !== $prospects) {
                $waits = self::stronger($waits, $this->planner->waiting($request, $prospects));
            }
            foreach ($request->learners as $learner) {
                $childId = $learner->child->id;
                $due[$childId] = [...$due[$childId] ?? [], ...$fallen[$childId] ?? []];
                foreach ($setUps as $setUp) {
                    $learner = Expected::after($learner, $setUp, $request->date, $this->choosing);
                }
                foreach ([...$request->kept, ...$setUps] as $setUp) {
                    foreach ($setUp->sittingOf($childId)->courses ?? [] as $course) {
                        $touched[$childId][$learner->record->map->step($course->stepId)->skill->strand->value] = true;
                    }
                }
                $known[$childId] = $learner;
            }
            if ([] !== $setUps || [] !== $request->kept) {
                $lived[] = LivedDay::of($request->date, [...$request->kept, ...$setUps]);
            }
            foreach ([...$request->kept, ...$setUps] as $setUp) {
                [, $times, $first] = $games[$setUp->activity->id] ?? [$setUp->activity, 0, $request->date];
                $games[$setUp->activity->id] = [$setUp->activity, $times + 1, $first];
            }
        }
        foreach ($waits as $childId => $strands) {
            $waits[$childId] = array_diff_key($strands, $touched[$childId] ?? []);
        }

        return array_filter($waits);
    }

    /**
     * The day with what will be known of the children and of the games by then.
     *
     * @param array<string, Learner>                $known by child id
     * @param list<array{Activity, int, LocalDate}> $games
     */
    private static function expecting(DayRequest $request, array $known, array $games): DayRequest
    {
        $learners = array_map(
            static fn (Learner $learner): Learner => isset($known[$learner->child->id]) ? $learner->knowing($known[$learner->child->id]) : $learner,
            $request->learners,
        );

        return $request->learning($learners)->knowing(
            Repertoire::on($request->date, $games, $request->repertoire->told, $request->repertoire->aWeek),
        );
    }

    /** @return list<SetUp> what is not begun or done yet, named so that no two days have one of the same name */
    private static function ahead(DayRequest $request, DayPlan $plan): array
    {
        $kept = array_map(static fn (SetUp $setUp): string => $setUp->key, $request->kept);

        $ahead = array_filter($plan->setUps, static fn (SetUp $setUp): bool => !\in_array($setUp->key, $kept, true));

        return array_values(array_map(static fn (SetUp $setUp): SetUp => $setUp->named($request->date->toString().' '.$setUp->key), $ahead));
    }

    /**
     * @param array<string, list<string>> $before child id => steps that fell due on days before
     *
     * @return array<string, list<string>> child id => steps of which a look falls due by that day
     */
    private static function fallen(DayRequest $request, array $before): array
    {
        $fallen = [];
        foreach ($request->learners as $learner) {
            $record = $learner->record;
            $due = array_filter(
                array_keys($record->map->steps),
                static fn (string $stepId): bool => null !== $record->faded($stepId, $request->date),
            );
            $fallen[$learner->child->id] = array_values(array_diff($due, $before[$learner->child->id] ?? []));
        }

        return array_filter($fallen);
    }

    /**
     * @param list<SetUp> $setUps
     *
     * @return list<string> ids of those that are new to the parent
     */
    private static function newGames(DayRequest $request, array $setUps): array
    {
        $new = array_filter($setUps, static fn (SetUp $setUp): bool => $request->repertoire->isNew($setUp->activity));

        return array_values(array_unique(array_map(static fn (SetUp $setUp): string => $setUp->activity->id, $new)));
    }

    /**
     * Of each strand what stood nearest to its coming.
     *
     * @param array<string, array<string, WhyWaits>> $before
     * @param array<string, array<string, WhyWaits>> $now
     *
     * @return array<string, array<string, WhyWaits>>
     */
    private static function stronger(array $before, array $now): array
    {
        foreach ($now as $childId => $strands) {
            foreach ($strands as $strand => $why) {
                $was = $before[$childId][$strand] ?? null;
                $before[$childId][$strand] = null === $was || $why->isNearerThan($was) ? $why : $was;
            }
        }

        return $before;
    }
}
