<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Activity;
use Pindle\Core\Activity\Catalogue;
use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Place;
use Pindle\Core\Advice\Choosing;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Caution\Cautions;
use Pindle\Core\Child\Child;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Skill\Step;

/**
 * Fills a day: again and again it adds the sitting (alone, or joined to one already laid out) that lifts the goal most, until none does.
 * No clock and no chance inside: the same request gives the same plan.
 */
final readonly class Planner
{
    private Candidates $candidates;
    private SettingOut $settingOut;

    public function __construct(SkillMap $map, Catalogue $catalogue, Cautions $cautions, private Choosing $choosing = new Choosing())
    {
        $this->candidates = new Candidates($catalogue, $choosing);
        $this->settingOut = new SettingOut($map, $catalogue, $cautions);
    }

    public function plan(DayRequest $request): DayPlan
    {
        $day = Day::of($request);
        $candidates = [];
        $best = [];
        foreach ($request->learners as $learner) {
            $found = !$learner->child->isPlannedOn($request->date) ? [] : $this->candidates->of(
                $learner,
                $request->date,
                $request->places,
                $request->quiet,
                $request->wanted,
                array_map(static fn (SetUp $held): string => $held->activity->id, $request->held),
                $request->rules,
            );
            if ([] !== $found) {
                $candidates[$learner->child->id] = $found;
                $best[$learner->child->id] = $found[0]->value();
            }
        }

        $new = $this->heldOnes($request, $day, $candidates);
        while (null !== $next = $this->bestMove($request, $day, $candidates, $best, $new)) {
            if (null !== $request->most && \count($next) > $request->most) {
                break;
            }
            $new = $next;
        }

        $all = [...$request->kept, ...$new];
        usort($all, static fn (SetUp $a, SetUp $b): int => [$a->span->start, $a->key] <=> [$b->span->start, $b->key]);

        return new DayPlan($request->date, $all, $day->threads($all), Goal::of($new, $best, $request->kept));
    }

    /** A set-up with the words of care that hold for it now. */
    public function warned(DayRequest $request, SetUp $setUp): SetUp
    {
        return $setUp->warned($this->settingOut->warnings($request, $setUp->things(), $setUp->span, $setUp->place));
    }

    /**
     * What was planned before, as far as it can stay: at its own time if that is still free, else as early as can be; with its own
     * questions while its course is the same, else with new ones; with its own things while they still do.
     *
     * @param array<string, list<Candidate>> $candidates
     *
     * @return list<SetUp>
     */
    private function heldOnes(DayRequest $request, Day $day, array $candidates): array
    {
        $stay = [];
        foreach ($request->held as $held) {
            $sittings = [];
            foreach ($held->sittings as $sitting) {
                $candidate = self::stillThere(
                    $candidates[$sitting->childId] ?? [],
                    $sitting,
                    $held->activity,
                    self::stepsOf($request->kept, $sitting->childId),
                );
                if (null !== $candidate && $held->span->minutes() <= min(
                    $candidate->learner->child->longestSittingOn($request->date),
                    $this->minutesLeft($candidate->learner, $stay),
                )) {
                    $made = $this->settingOut->sitting($request, $candidate, $this->valueToday($candidate, $stay), \count($sitting->questions));
                    $sittings[] = $made->asksLike($sitting) ? $made->asking($sitting->questions) : $made;
                }
            }
            $children = $this->children($request, array_map(static fn (Sitting $sitting): string => $sitting->childId, $sittings));
            if ([] === $sittings || [] === $children) {
                continue;
            }
            $others = [...$request->kept, ...$stay];
            $span = $day->holds($held->span) && $day->allows($others, $children, $held->span, $held->part, $held->place)
                ? $held->span
                : $day->earliest($others, $children, $held->span->minutes(), $held->part, $held->place);
            $again = null === $span ? null : $this->settingOut->setUp(
                $request,
                $held->activity,
                $held->place,
                $held->part,
                $span,
                $sittings,
                $others,
                $held->thingIds(),
            );
            if (null !== $again) {
                $stay[] = $again->named($held->key);
            }
        }

        return $stay;
    }

    /**
     * @param list<SetUp> $setUps
     *
     * @return list<string> ids of the steps a child sits with there
     */
    private static function stepsOf(array $setUps, string $childId): array
    {
        $steps = [];
        foreach ($setUps as $setUp) {
            foreach ($setUp->sittingOf($childId)->courses ?? [] as $course) {
                $steps[] = $course->stepId;
            }
        }

        return $steps;
    }

    /**
     * The candidate that a sitting can go on with: of its own step, else another step of the same activity, else its own although the child
     * sat with it today already; null when there is none.
     *
     * @param list<Candidate> $candidates best first
     * @param list<string>    $today      ids of steps the child sat with today
     */
    private static function stillThere(array $candidates, Sitting $sitting, Activity $activity, array $today): ?Candidate
    {
        $same = $other = null;
        foreach ($candidates as $candidate) {
            $stepId = $candidate->ranked->step->id;
            if ($candidate->activity->id !== $activity->id) {
                continue;
            }
            if ($stepId === $sitting->course()->stepId) {
                $same = $candidate;
            } elseif (!\in_array($stepId, $today, true)) {
                $other ??= $candidate;
            }
        }

        return null !== $same && !\in_array($same->ranked->step->id, $today, true) ? $same : $other ?? $same;
    }

    /**
     * The plan after the one addition that lifts the goal most, or null when none does.
     *
     * @param array<string, list<Candidate>> $candidates
     * @param array<string, float>           $best
     * @param list<SetUp>                    $new
     *
     * @return list<SetUp>|null
     */
    private function bestMove(DayRequest $request, Day $day, array $candidates, array $best, array $new): ?array
    {
        $now = Goal::of($new, $best, $request->kept)->total();
        $moves = [];
        foreach ($candidates as $childId => $ofChild) {
            $spans = [];
            foreach ($ofChild as $candidate) {
                $value = $this->valueToday($candidate, [...$request->kept, ...$new]);
                foreach ($this->ways($request, $day, $candidate, $new, $spans) as [$joined, $span, $part, $place]) {
                    $gain = $this->estimate($request, $candidate, $value, $new, $joined, $span, $part, $best) - $now;
                    if ($gain > 0) {
                        $moves[] = [$gain, $candidate, $value, $joined, $span, $part, $place];
                    }
                }
            }
        }
        usort($moves, static fn (array $a, array $b): int => $b[0] <=> $a[0]);
        foreach ($moves as [, $candidate, $value, $joined, $span, $part, $place]) {
            $setUps = $this->place($request, $candidate, $value, $new, $joined, $span, $part, $place);
            if (null !== $setUps && Goal::of($setUps, $best, $request->kept)->total() > $now) {
                return $setUps;
            }
        }

        return null;
    }

    /**
     * Where a candidate could go: a set-up of its own at the earliest time, or a set-up of the same activity that takes one more.
     *
     * @param list<SetUp>                $new
     * @param array<string, Span|false>  $spans earliest times found so far for this child
     *
     * @return list<array{int|null, Span, Part, Place}>
     */
    private function ways(DayRequest $request, Day $day, Candidate $candidate, array $new, array &$spans): array
    {
        $child = $candidate->learner->child;
        $ways = [];
        $count = $this->questions($request, $candidate, $new);
        $minutes = 0 === $count ? null : $this->minutes($request, $candidate->activity, [$child], [$child->id => $count]);
        $part = $child->mayBeAloneOn($request->date) ? $candidate->activity->part : Part::With;
        if (null !== $minutes) {
            foreach (Candidates::placesOf($candidate->activity, $request->places) as $place) {
                $found = false;
                // What asks for the parent's eye while a little one is about may still be done with the parent there all the time.
                foreach (array_unique([$part, Part::With], \SORT_REGULAR) as $as) {
                    $key = $minutes.$as->value.$place->value;
                    $spans[$key] ??= $day->earliest([...$request->kept, ...$new], [$child], $minutes, $as, $place) ?? false;
                    if (false !== $spans[$key]) {
                        $ways[] = [null, $spans[$key], $as, $place];
                        $found = true;
                    }
                }
                if ($found) {
                    break;
                }
            }
        }
        foreach ($new as $i => $setUp) {
            if ($setUp->activity->id !== $candidate->activity->id || !$setUp->activity->together || null !== $setUp->sittingOf($child->id)) {
                continue;
            }
            $others = [...$request->kept, ...array_values(array_filter($new, static fn (SetUp $other): bool => $other !== $setUp))];
            $children = [...$this->children($request, $setUp->childIds()), $child];
            $counts = $this->questionsTogether($request, $setUp->activity, $children, $this->minutesTogether($request, $setUp, $candidate, $new));
            $minutes = [] === $counts ? 0 : $this->minutes($request, $setUp->activity, $children, $counts);
            $span = 0 === $minutes || $setUp->span->start + $minutes > 1440 ? null : Span::lasting($setUp->span->start, $minutes);
            if (null !== $span && $day->holds($span) && $day->allows($others, $children, $span, Part::With, $setUp->place)) {
                $ways[] = [$i, $span, Part::With, $setUp->place];
            }
        }

        return $ways;
    }

    /**
     * The goal if the candidate went there, things left aside.
     *
     * @param list<SetUp>          $new
     * @param array<string, float> $best
     */
    private function estimate(
        DayRequest $request,
        Candidate $candidate,
        float $value,
        array $new,
        ?int $joined,
        Span $span,
        Part $part,
        array $best,
    ): float {
        $on = $request->date;
        $sitting = new Sitting($candidate->learner->child->id, [$candidate->course($on)], [], 0.0);
        $setUp = null === $joined
            ? new SetUp('estimate', $candidate->activity, Place::Anywhere, $part, $span, [$sitting], [])
            : new SetUp('estimate', $candidate->activity, Place::Anywhere, $part, $span, [...$new[$joined]->sittings, $sitting], $new[$joined]->laid);
        $setUps = $new;
        $setUps[$joined ?? \count($new)] = $setUp;

        // The estimate has no questions yet: as many tries as are usual at the age stand for it.
        $tries = $candidate->learner->child->setSizeOn($on)->most - 2;
        $goal = Goal::of(array_values($setUps), $best, $request->kept);
        $already = 0.0;
        foreach ([...$request->kept, ...$new] as $other) {
            $own = $other->sittingOf($candidate->learner->child->id);
            $already += null === $own ? 0.0 : Goal::learnt($own->value, $own->attempts());
        }
        $a = $best[$candidate->learner->child->id];

        return $goal->total() + 10 * (log(1 + ($already + Goal::learnt($value, $tries)) / $a) - log(1 + $already / $a));
    }

    /**
     * The plan with the candidate laid out for good: its questions made, its things chosen. Null when the house has not what it takes.
     *
     * @param list<SetUp> $new
     *
     * @return list<SetUp>|null
     */
    private function place(DayRequest $request, Candidate $candidate, float $value, array $new, ?int $joined, Span $span, Part $part, Place $place): ?array
    {
        $setUp = null === $joined ? null : $new[$joined];
        $others = array_values(array_filter($new, static fn (SetUp $other): bool => $other !== $setUp));
        if (null === $setUp) {
            $sittings = [$this->settingOut->sitting($request, $candidate, $value, $this->questions($request, $candidate, $new))];
        } else {
            $children = [...$this->children($request, $setUp->childIds()), $candidate->learner->child];
            $counts = $this->questionsTogether($request, $setUp->activity, $children, $span->minutes());
            $sittings = [
                ...array_map(static fn (Sitting $sitting): Sitting => SettingOut::shortened($sitting, $counts[$sitting->childId]), $setUp->sittings),
                $this->settingOut->sitting($request, $candidate, $value, $counts[$candidate->learner->child->id]),
            ];
        }
        // A step with few facts has a short set.
        $counts = [];
        foreach ($sittings as $sitting) {
            $counts[$sitting->childId] = \count($sitting->questions);
        }
        $children = $this->children($request, array_keys($counts));
        $needed = $this->minutes($request, $candidate->activity, $children, $counts);
        $shorter = Span::lasting($span->start, min($span->minutes(), $needed));
        // The parent is wanted at its end too, and that may now be while they are wanted elsewhere.
        $isFree = [] !== $children && Day::of($request)->allows([...$request->kept, ...$others], $children, $shorter, $part, $place);
        $span = $isFree ? $shorter : $span;
        $placed = $this->settingOut->setUp($request, $candidate->activity, $place, $part, $span, $sittings, [...$request->kept, ...$others]);

        // Who joins finds the same set-up.
        return null === $placed ? null : [...$others, null === $setUp ? $placed : $placed->named($setUp->key)];
    }

    /**
     * Today's value of a candidate: less when the step is already in the plan, the more so the more it is asked there.
     *
     * @param list<SetUp> $today done or planned
     */
    private function valueToday(Candidate $candidate, array $today): float
    {
        $value = $candidate->value();
        foreach ($today as $setUp) {
            $sitting = $setUp->sittingOf($candidate->learner->child->id);
            if (null !== $sitting && $sitting->isAbout($candidate->ranked->step->id)) {
                // The three questions of a check settle it; asked twice on one day they say no more.
                $value *= $candidate->isCheck() ? 0.0 : $this->choosing->triedToday * exp(-$sitting->attempts() / 4);
            }
        }

        return $value;
    }

    /** @param list<SetUp> $new */
    private function minutesLeft(Learner $learner, array $new): int
    {
        $left = $learner->minutes;
        foreach ($new as $setUp) {
            $left -= null === $setUp->sittingOf($learner->child->id) ? 0 : $setUp->span->minutes();
        }

        return $left;
    }

    /**
     * As many questions as fit the sitting; 0 when not even the fewest do.
     *
     * @param list<SetUp> $new
     */
    private function questions(DayRequest $request, Candidate $candidate, array $new): int
    {
        $minutes = min($candidate->learner->child->longestSittingOn($request->date), $this->minutesLeft($candidate->learner, $new));

        $size = $candidate->learner->child->setSizeOn($request->date);
        $fitting = $size->fitting(($minutes - $candidate->activity->setUp) * 60, $candidate->activity->seconds);

        // A look is a quick one, unless something else is learnt beside it.
        return $candidate->isLook() && null === $candidate->second ? min($size->fewest, $fitting) : $fitting;
    }

    /**
     * How many questions each of several children gets in turn: the fewest of their age, then one more each in turn while there is time.
     *
     * @param list<Child> $children
     *
     * @return array<string, int> by child id; empty when there is not time for the fewest
     */
    private function questionsTogether(DayRequest $request, Activity $activity, array $children, int $minutes): array
    {
        $counts = [];
        foreach ($children as $child) {
            $counts[$child->id] = $child->setSizeOn($request->date)->fewest;
        }
        do {
            $before = $counts;
            foreach ($children as $child) {
                $more = [$child->id => $counts[$child->id] + 1] + $counts;
                $fits = $this->minutes($request, $activity, $children, $more) <= $minutes;
                $counts = $fits && $more[$child->id] <= $child->setSizeOn($request->date)->most ? $more : $counts;
            }
        } while ($before !== $counts);

        return $this->minutes($request, $activity, $children, $counts) <= $minutes ? $counts : [];
    }

    /**
     * Minutes that all the children of a set-up, with one more, can be at it.
     *
     * @param list<SetUp> $new
     */
    private function minutesTogether(DayRequest $request, SetUp $setUp, Candidate $candidate, array $new): int
    {
        $minutes = \PHP_INT_MAX;
        foreach ($request->learners as $learner) {
            $isThere = null !== $setUp->sittingOf($learner->child->id);
            if ($isThere || $learner->child->id === $candidate->learner->child->id) {
                $left = $this->minutesLeft($learner, $new) + ($isThere ? $setUp->span->minutes() : 0);
                $minutes = min($minutes, $left, $learner->child->longestSittingOn($request->date));
            }
        }

        return $minutes;
    }

    /**
     * Minutes from laying out to the last question.
     *
     * @param list<Child>        $children
     * @param array<string, int> $counts   questions by child id
     */
    private function minutes(DayRequest $request, Activity $activity, array $children, array $counts): int
    {
        $seconds = 0;
        foreach ($children as $child) {
            $seconds += ($counts[$child->id] ?? 0) * $child->setSizeOn($request->date)->seconds($activity->seconds);
        }

        return (int) ceil($activity->setUp + $seconds / 60);
    }

    /**
     * @param list<string> $ids
     *
     * @return list<Child>
     */
    private function children(DayRequest $request, array $ids): array
    {
        return array_values(array_filter(
            array_map(static fn (Learner $learner): Child => $learner->child, $request->learners),
            static fn (Child $child): bool => \in_array($child->id, $ids, true),
        ));
    }
}
