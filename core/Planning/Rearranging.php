<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Activity;
use Pindle\Core\Activity\Catalogue;
use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Place;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Caution\Cautions;
use Pindle\Core\Child\Child;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Thing\Thing;

/**
 * What a parent changes in a planned day by hand: another activity, other things, another time, one more child, everyone at one pile, something for one
 * child at once. What a change does not touch stays. Each answers with the set-ups besides what is kept, or with null where it cannot be.
 */
final readonly class Rearranging
{
    /** So many other activities are offered. */
    public const SWAPS = 3;

    /** Something for one child at once is looked for among so many. */
    private const TRIES = 24;

    private Planner $planner;

    public function __construct(private SkillMap $map, private Catalogue $catalogue, private Cautions $cautions)
    {
        $this->planner = new Planner($map, $catalogue, $cautions);
    }

    /**
     * The next best in the place of a planned set-up, for the same children, at its time or as soon after as can be.
     *
     * @return list<Swap> best first, each another activity
     */
    public function swaps(DayRequest $request, SetUp $setUp): array
    {
        $others = self::without($request->held, $setUp);
        $prospects = $this->planner->prospects($request);
        $now = Goal::of($request, $prospects->scale, $request->held);
        $swaps = [];
        foreach ($this->best($request, $prospects, $others, $setUp->childIds(), $setUp->span->start, [$setUp->activity->id]) as $placed) {
            $swaps[] = Swap::of($request, $setUp, $placed, $now, Goal::of($request, $prospects->scale, [...$others, $placed]));
        }
        usort($swaps, static fn (Swap $a, Swap $b): int => $b->gain <=> $a->gain);

        return \array_slice($swaps, 0, self::SWAPS);
    }

    /**
     * Something for one child at a time of the parent's own, outside what is planned, with nothing to fetch but what is at hand.
     *
     * @param list<string> $there ids of things at hand
     */
    public function now(DayRequest $request, string $childId, int $from, array $there): ?SetUp
    {
        $prospects = $this->planner->prospects($request);
        foreach ($this->best($request, $prospects, $request->held, [$childId], $from, [], self::TRIES) as $placed) {
            if ($placed->span->start === $from && [] === array_diff($placed->thingIds(), $there) && [] === array_filter(
                $placed->props,
                static fn ($prop): bool => $prop->made,
            )) {
                return $placed;
            }
        }

        return null;
    }

    /**
     * A set-up as it came about without a plan: an activity, whoever did it, each at the step it serves best for them.
     *
     * @param list<string> $childIds
     *
     * @return SetUp|null null where it serves nothing that any of them is ready for
     */
    public function happened(DayRequest $request, string $activityId, array $childIds, int $start): ?SetUp
    {
        $prospects = $this->planner->prospects($request->wanting([$activityId]));
        $sittings = [];
        foreach ($childIds as $childId) {
            foreach ($prospects->candidates[$childId] ?? [] as $candidate) {
                if ($candidate->activity->id === $activityId) {
                    $count = $candidate->learner->child->setSizeOn($request->date)->fewest;
                    $sittings[] = $this->settingOut($request)->asking->sitting($candidate, $count);
                    break;
                }
            }
        }
        if ([] === $sittings) {
            return null;
        }
        $activity = $this->catalogue->activity($activityId);
        $counts = [];
        foreach ($sittings as $sitting) {
            $counts[$sitting->childId] = \count($sitting->questions);
        }
        $minutes = max(1, (new Length($request))->minutes($activity, $request->children(array_keys($counts)), $counts));

        return new SetUp($activityId, $activity, $activity->places[0], Part::With, Span::lasting(min($start, 1440 - $minutes), $minutes), $sittings, []);
    }

    /**
     * The same set-up with other things.
     *
     * @return list<SetUp>|null null where the house has no others that do
     */
    public function otherThings(DayRequest $request, SetUp $setUp): ?array
    {
        $others = self::without($request->held, $setUp);
        $not = $setUp->thingIds();
        $left = array_values(array_filter($request->things, static fn (Thing $thing): bool => !\in_array($thing->id, $not, true)));
        $again = [] === $not ? null : $this->settingOut($request->withThings($left))->setUp(
            $setUp->activity,
            $setUp->place,
            $setUp->part,
            $setUp->span,
            $setUp->sittings,
            [...$request->kept, ...$others],
        );

        return null === $again ? null : [...$others, $again->named($setUp->key)];
    }

    /**
     * A set-up at another time. What is only planned makes room for it; what is kept or held does not.
     *
     * @param list<string> $heldKeys of set-ups that do not give way
     *
     * @return list<SetUp>|null null where it cannot start then
     */
    public function moved(DayRequest $request, SetUp $setUp, int $start, array $heldKeys = []): ?array
    {
        if ($start < 0 || $start + $setUp->span->minutes() > 1440) {
            return null;
        }
        $day = Day::of($request);
        $span = Span::lasting($start, $setUp->span->minutes());
        $children = $request->children($setUp->childIds());
        $others = self::without($request->held, $setUp);
        $firm = array_values(array_filter($others, static fn (SetUp $other): bool => \in_array($other->key, $heldKeys, true)));
        $fixed = [...$request->kept, ...$firm];
        if ([] === $children || !$day->holds($span) || !$day->allows($fixed, $children, $span, $setUp->part, $setUp->place, $setUp->activity)) {
            return null;
        }
        $moved = $this->again($request, $setUp, $span, $fixed);
        $placed = null === $moved ? [] : [...$firm, $moved];
        foreach (null === $moved ? [] : self::without($others, ...$firm) as $other) {
            $sitters = $request->children($other->childIds());
            $there = [...$request->kept, ...$placed];
            $own = match (true) {
                [] === $sitters => null,
                $day->allows($there, $sitters, $other->span, $other->part, $other->place, $other->activity) => $other->span,
                default => $day->earliest($there, $sitters, $other->span->minutes(), $other->part, $other->place, $other->activity),
            };
            $slid = null === $own ? null : $this->again($request, $other, $own, $there);
            if (null !== $slid) {
                $placed[] = $slid;
            }
        }

        return null === $moved ? null : $placed;
    }

    /**
     * One more child at a set-up that is planned.
     *
     * @return list<SetUp>|null null where the activity has nothing for the child, or not the time
     */
    public function joined(DayRequest $request, SetUp $setUp, string $childId): ?array
    {
        $others = [...$request->kept, ...self::without($request->held, $setUp)];
        $children = $request->children([...$setUp->childIds(), $childId]);
        $length = new Length($request);
        $turns = $length->turns($setUp->activity, $children, $length->longestTogether($children, $request->held, $setUp));
        foreach ($this->planner->prospects($request)->candidates[$childId] ?? [] as $candidate) {
            $mayJoin = $setUp->activity->together && $candidate->activity->id === $setUp->activity->id && null === $setUp->sittingOf($childId);
            foreach ($mayJoin ? array_reverse($turns) : [] as $counts) {
                $placed = $this->together($request, $setUp, $candidate, $counts, $others);
                if (null !== $placed) {
                    return [...self::without($request->held, $setUp), $placed];
                }
            }
        }

        return null;
    }

    /**
     * The same set-up with one child more, each with so many questions.
     *
     * @param array<string, int> $counts by child id
     * @param list<SetUp>        $others
     */
    private function together(DayRequest $request, SetUp $setUp, Candidate $candidate, array $counts, array $others): ?SetUp
    {
        $sittings = array_map(static fn (Sitting $sitting): Sitting => $sitting->shortened($counts[$sitting->childId]), $setUp->sittings);
        $sittings[] = $this->settingOut($request)->asking->sitting($candidate, $counts[$candidate->childId]);
        $asked = [];
        foreach ($sittings as $sitting) {
            $asked[$sitting->childId] = \count($sitting->questions);
        }
        $children = $request->children(array_keys($asked));
        $minutes = (new Length($request))->minutes($setUp->activity, $children, $asked);
        $day = Day::of($request);
        $span = $setUp->span->start + $minutes > 1440 ? null : Span::lasting($setUp->span->start, $minutes);
        $mayBe = null !== $span && [] !== $children && $day->holds($span)
            && $day->allows($others, $children, $span, Part::With, $setUp->place, $setUp->activity);

        return null === $span || !$mayBe ? null : $this->settingOut($request)->setUp(
            $setUp->activity,
            $setUp->place,
            Part::With,
            $span,
            $sittings,
            $others,
        )?->named($setUp->key);
    }

    /**
     * One pile for everyone, now: of all that a thing will do for, what most children can do together, each at their own step.
     *
     * @param string|null $thingId what lies there; null for whatever suits
     */
    public function pile(DayRequest $request, Span $when, ?string $thingId): ?SetUp
    {
        $things = null === $thingId
            ? $request->things
            : array_values(array_filter($request->things, static fn (Thing $thing): bool => $thing->id === $thingId));
        $there = $request->withThings($things)->during([$when])->wanting(array_keys(array_filter(
            $this->catalogue->activities,
            static fn (Activity $activity): bool => $activity->together && (null === $thingId || [] !== $activity->roles),
        )));
        $prospects = $this->planner->prospects($there);
        $filling = new Filling($there, Day::of($there), $prospects, $this->settingOut($there));
        $best = null;
        $worth = 0.0;
        $most = 0;
        foreach (self::companies($prospects->candidates) as $company) {
            $option = \count($company) < max(1, $most) ? null : $filling->options->together($company);
            $placed = null === $option ? null : $filling->longest($option);
            $setUp = null === $placed ? null : $placed->setUp;
            $isOfIt = null === $thingId || (null !== $setUp && [] !== $setUp->laid);
            $is = null === $placed ? 0.0 : $filling->worth([$placed]);
            if (null !== $setUp && $isOfIt && (\count($company) > $most || $is > $worth)) {
                [$best, $worth, $most] = [$setUp, $is, \count($company)];
            }
        }

        return null === $best ? null : $this->settingOut($there)->warned($best);
    }

    /**
     * Of each activity that is done together, the company of all who could come, and without the one who sits the shortest.
     *
     * @param array<string, list<Candidate>> $candidates
     *
     * @return list<non-empty-list<Candidate>> most children first
     */
    private static function companies(array $candidates): array
    {
        $of = [];
        foreach ($candidates as $childId => $ofChild) {
            foreach ($ofChild as $candidate) {
                if ($candidate->activity->together) {
                    $of[$candidate->activity->id][$childId] ??= $candidate;
                }
            }
        }
        $companies = [];
        foreach ($of as $company) {
            $all = array_values($company);
            for ($i = \count($all); $i > 0; --$i) {
                $companies[] = \array_slice($all, 0, $i);
            }
            if (\count($all) > 2) {
                $companies[] = \array_slice($all, 1);
            }
        }
        usort($companies, static fn (array $a, array $b): int => \count($b) <=> \count($a));

        return $companies;
    }

    /**
     * The best set-ups for these children at a time, each another activity, laid out beside the others.
     *
     * @param list<SetUp>  $others
     * @param list<string> $childIds
     * @param list<string> $not      ids of activities that are not wanted
     *
     * @return list<SetUp>
     */
    private function best(DayRequest $request, Prospects $prospects, array $others, array $childIds, int $from, array $not, int $most = self::SWAPS): array
    {
        $windows = array_values(array_filter(array_map(
            static fn (Span $window): ?Span => $window->end <= $from ? null : new Span(max($from, $window->start), $window->end),
            $request->windows,
        )));
        $within = $request->during($windows);
        $settingOut = $this->settingOut($within);
        $filling = new Filling($within, Day::of($request)->within($windows), $prospects, $settingOut, $others);
        $found = [];
        foreach ($filling->options->ofAll($childIds) as $option) {
            if (!\in_array($option->activity->id, $not, true) && $filling->mayCome([], $option)) {
                array_push($found, ...$filling->ways($option));
            }
        }
        usort($found, static fn (array $a, array $b): int => $b[0] <=> $a[0]);
        $placed = [];
        foreach ($found as [, $option, $length, $start]) {
            $id = $option->activity->id;
            $setUp = isset($placed[$id]) || \count($placed) >= $most ? null : $filling->besides($option, $length, $start)?->setUp;
            if (null !== $setUp) {
                $placed[$id] = $settingOut->warned($setUp);
            }
        }

        return array_values($placed);
    }

    private function settingOut(DayRequest $request): SettingOut
    {
        return new SettingOut($this->map, $this->catalogue, $this->cautions, $request);
    }

    /** @param list<SetUp> $others */
    private function again(DayRequest $request, SetUp $setUp, Span $span, array $others): ?SetUp
    {
        return $this->settingOut($request)->setUp(
            $setUp->activity,
            $setUp->place,
            $setUp->part,
            $span,
            $setUp->sittings,
            $others,
            $setUp->thingIds(),
        )?->named($setUp->key);
    }

    /**
     * @param list<SetUp> $setUps
     *
     * @return list<SetUp>
     */
    private static function without(array $setUps, SetUp ...$these): array
    {
        return array_values(array_filter($setUps, static fn (SetUp $other): bool => !\in_array($other, $these, true)));
    }
}
