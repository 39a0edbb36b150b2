<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Catalogue;
use Pindle\Core\Advice\Choosing;
use Pindle\Core\Advice\Resting;
use Pindle\Core\Caution\Cautions;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Skill\Step;

/** Plans a day: what each child could do, the set-ups with which the day is worth most (Search), and what there is to say of them. */
final readonly class Planner
{
    private Candidates $candidates;

    public function __construct(
        private SkillMap $map,
        private Catalogue $catalogue,
        private Cautions $cautions,
        Choosing $choosing = new Choosing(),
        private Weights $weights = new Weights(),
        private float $times = 1.0,
    ) {
        $this->candidates = new Candidates($catalogue, $choosing);
    }

    /** @param Prospects|null $prospects of the day, where they are known already */
    public function plan(DayRequest $request, ?Prospects $prospects = null): DayPlan
    {
        $day = Day::of($request);
        $prospects ??= $this->prospects($request);
        $settingOut = $this->settingOut($request);
        $held = (new Holding($settingOut))->held($request, $day, $prospects->candidates);
        $found = Search::best(
            new Filling($request, $day, $prospects, $settingOut, $held),
            crc32('search|'.$request->seed),
            $this->times,
        );
        $new = [...$held, ...array_map($settingOut->warned(...), $found)];
        $new = [] === $request->held ? (new Shape($request, $day, $settingOut))->of($new) : $new;

        return $this->planOf($request, $new, $prospects);
    }

    /**
     * The day with these set-ups besides what is kept, and nothing else.
     *
     * @param list<SetUp> $new
     */
    public function planOf(DayRequest $request, array $new, ?Prospects $prospects = null): DayPlan
    {
        $day = Day::of($request);
        $prospects ??= $this->prospects($request);
        $all = [...$request->kept, ...$new];
        usort($all, static fn (SetUp $a, SetUp $b): int => [$a->span->start, $a->key] <=> [$b->span->start, $b->key]);
        $little = $moments = [];
        $shortfall = new Shortfall($request, $day, $this->settingOut($request), $prospects);
        foreach ($prospects->learners as $childId => $learner) {
            array_push($moments, ...Moment::of($request, $prospects->candidates[$childId] ?? [], $all));
            $little[$childId] = $shortfall->of($learner, $new);
        }

        return new DayPlan($request->date, $all, $day->threads($all), Goal::of($request, $prospects->scale, $new), $moments, array_filter($little));
    }

    private function settingOut(DayRequest $request): SettingOut
    {
        return new SettingOut($this->map, $this->catalogue, $this->cautions, $request);
    }

    /** What each child could do on a day, and what it is measured against. */
    public function prospects(DayRequest $request): Prospects
    {
        $learners = $ranked = [];
        foreach ($request->learners as $learner) {
            if ($learner->sits && $learner->child->isPlannedOn($request->date)) {
                $learners[$learner->child->id] = $learner;
                $ranked[$learner->child->id] = $this->candidates->ranked($learner, $request->date, $request->inWeek);
            }
        }
        $opens = $this->candidates->opening($request, $learners, $ranked);
        $playable = $this->candidates->playable($request, $opens);
        $candidates = array_filter(array_map(
            fn (Learner $learner): array => $this->candidates->of($request, $learner, $ranked[$learner->child->id], $playable),
            $learners,
        ));
        // What the parent wants, and what the week does, counts more or less than it is worth; it does not make all the rest worth less or more.
        $worth = static fn (Candidate $of): float => $of->value()
            / (\in_array($of->activity->id, $request->wanted, true) ? Candidates::WANTED : 1.0)
            / (\in_array($of->ranked->step->id, $of->learner->child->pins, true) ? max(1.0, $of->worth->push) : 1.0)
            / $request->inWeek->worth($of->childId, $of->ranked, $of->learner->record->mark($of->ranked->step->id));
        $best = array_map(static fn (array $found): float => max(array_map($worth, $found)), $candidates);

        return new Prospects($learners, $ranked, $candidates, new Scale($best, $opens, $this->weights));
    }

    /**
     * Of each strand in which something is ready, what keeps it from coming where it does not.
     *
     * @return array<string, array<string, WhyWaits>> child id => strand => why
     */
    public function waiting(DayRequest $request, Prospects $prospects): array
    {
        $playable = $this->candidates->playable($request, $prospects->scale->opens);
        $waiting = [];
        foreach ($prospects->ranked as $childId => $ranked) {
            $learner = $prospects->learners[$childId];
            foreach ($ranked as $step) {
                $strand = $step->step->skill->strand->value;
                $why = match (true) {
                    Resting::holds($step, $learner->record, $learner->resting, $request->date) => WhyWaits::Rests,
                    Candidates::isServed($learner, $step->step, $playable) => WhyWaits::NoRoom,
                    default => WhyWaits::NoGame,
                };
                $was = $waiting[$childId][$strand] ?? null;
                $waiting[$childId][$strand] = null === $was || $why->isNearerThan($was) ? $why : $was;
            }
        }

        return $waiting;
    }

    /** A set-up with the words of care that hold for it now. */
    public function warned(DayRequest $request, SetUp $setUp): SetUp
    {
        return $this->settingOut($request)->warned($setUp);
    }

    /**
     * The new activities that would open most for the house, and what each serves of what its children are ready for.
     *
     * @return array<string, array<string, list<string>>> activity id => child id => step ids, the best first
     */
    public function wouldOpen(DayRequest $request, int $most): array
    {
        $prospects = $this->prospects($request);
        $opens = $this->candidates->wouldOpen($request, $prospects->learners, $prospects->ranked, $most);

        $serves = [];
        foreach (array_keys(\array_slice($opens, 0, $most)) as $id) {
            foreach (Opening::serves($this->catalogue->activity($id), $prospects->learners, $prospects->ranked) as $childId => $served) {
                arsort($served);
                $serves[$id][$childId] = array_keys($served);
            }
        }

        return $serves;
    }

    /**
     * What each activity the house allows would serve best of what its children are ready for, whether it has the things for it or not.
     *
     * @return array<string, Step> activity id => step, what serves most first; those that serve nothing left out
     */
    public function wouldServe(DayRequest $request): array
    {
        $prospects = $this->prospects($request);
        $worth = $best = [];
        foreach ($this->candidates->allowed($request) as $activity) {
            foreach (Opening::serves($activity, $prospects->learners, $prospects->ranked) as $served) {
                arsort($served);
                $worth[$activity->id] = ($worth[$activity->id] ?? 0.0) + array_sum($served);
                $best[$activity->id][(string) array_key_first($served)] = reset($served);
            }
        }
        arsort($worth);

        return array_map(function (string $id) use ($best): Step {
            arsort($best[$id]);

            return $this->map->step((string) array_key_first($best[$id]));
        }, array_combine(array_keys($worth), array_keys($worth)));
    }
}
