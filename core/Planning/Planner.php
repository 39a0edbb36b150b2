<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Catalogue;
use Pindle\Core\Advice\Choosing;
use Pindle\Core\Advice\Resting;
use Pindle\Core\Caution\Cautions;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Skill\Step;

/**
 * Fills a day: again and again it adds what lifts the goal most (a set-up for one child, for several together, or one more child at one that is there),
 * until nothing does. No clock and no chance inside: the same request gives the same plan.
 */
final readonly class Planner
{
    private Candidates $candidates;
    private SettingOut $settingOut;

    public function __construct(
        private SkillMap $map,
        private Catalogue $catalogue,
        Cautions $cautions,
        Choosing $choosing = new Choosing(),
        private Weights $weights = new Weights(),
    ) {
        $this->candidates = new Candidates($catalogue, $choosing);
        $this->settingOut = new SettingOut($map, $catalogue, $cautions);
    }

    /** @param Prospects|null $prospects of the day, where they are known already */
    public function plan(DayRequest $request, ?Prospects $prospects = null): DayPlan
    {
        $day = Day::of($request);
        $prospects ??= $this->prospects($request);
        $new = (new Holding($this->settingOut))->held($request, $day, $prospects->candidates);
        $most = $request->mostSetUps();
        while (null !== $next = $this->bestMove($request, $day, $prospects, $new)) {
            if (null !== $most && \count($next) > $most) {
                break;
            }
            $new = $next;
        }
        $new = [] === $request->held ? (new Shape($request, $day, $this->settingOut))->of($new) : $new;

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
        $shortfall = new Shortfall($request, $day, $this->settingOut);
        foreach ($prospects->learners as $childId => $learner) {
            $own = $prospects->candidates[$childId] ?? [];
            array_push($moments, ...Moment::of($request, $own, $all));
            $little[$childId] = $shortfall->of($learner, $own, $prospects->isReady($childId, $request->date), $new);
        }

        return new DayPlan($request->date, $all, $day->threads($all), Goal::of($request, $prospects->scale, $new), $moments, array_filter($little));
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
            / $request->inWeek->worth($of->learner->child->id, $of->ranked, $of->learner->record->mark($of->ranked->step->id));
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
        return $setUp->warned($this->settingOut->warnings($request, $setUp->things(), $setUp->span, $setUp->place));
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

    /**
     * The plan after the one addition that lifts the goal most, or null when none does.
     *
     * @param list<SetUp> $new
     *
     * @return list<SetUp>|null
     */
    private function bestMove(DayRequest $request, Day $day, Prospects $prospects, array $new): ?array
    {
        $scale = $prospects->scale;
        $now = Goal::of($request, $scale, $new)->total();
        $room = $request->newLeft() - $request->newAmong($new);
        $moves = [];
        foreach ((new Moves($request, $day, $new))->all($prospects->candidates) as $move) {
            $activity = $move->candidates[0]->activity;
            $isOneMore = $request->repertoire->isNew($activity) && !\in_array($activity->id, $request->wanted, true)
                && !\in_array($activity->id, array_map(static fn (SetUp $setUp): string => $setUp->activity->id, $new), true);
            if (($isOneMore && $room <= 0) || $this->isSettledAlready($move, [...$request->kept, ...$new])) {
                continue;
            }
            $gain = $this->estimate($request, $move, $new, $scale) - $now;
            if ($gain > 0) {
                $moves[] = [$gain, $move];
            }
        }
        usort($moves, static fn (array $a, array $b): int => $b[0] <=> $a[0]);
        foreach ($moves as [, $move]) {
            $setUps = $this->settingOut->place($request, $day, $move, $new);
            if (null !== $setUps && Goal::of($request, $scale, $setUps)->total() > $now) {
                return $setUps;
            }
        }

        return null;
    }

    /**
     * The three questions of a check settle it, and so does a look; asked twice on one day they say no more.
     *
     * @param list<SetUp> $today
     */
    private function isSettledAlready(Move $move, array $today): bool
    {
        foreach ($move->candidates as $candidate) {
            foreach ($candidate->isCheck() || $candidate->isLook() ? $today : [] as $setUp) {
                if ($setUp->sittingOf($candidate->learner->child->id)?->isAbout($candidate->ranked->step->id) ?? false) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * The goal after a move, things left aside.
     *
     * @param list<SetUp>          $new
     */
    public function estimate(DayRequest $request, Move $move, array $new, Scale $scale): float
    {
        $sittings = $move->joined->sittings ?? [];
        foreach ($move->candidates as $candidate) {
            $sittings[] = new Sitting($candidate->learner->child->id, $candidate->courses($request->date), []);
        }
        $activity = $move->candidates[0]->activity;
        $setUps = $move->beside($new);
        [$laid, $props] = [$move->joined->laid ?? [], $move->joined->props ?? []];
        $setUps[] = new SetUp('estimate', $activity, $move->place, $move->part, $move->span, $sittings, $laid, [], $props);
        $kinds = null === $move->joined ? \count($activity->roles) + \count($activity->props) : 0;

        return Goal::of($request, $scale, $setUps, $move->counts, $kinds)->total();
    }
}
