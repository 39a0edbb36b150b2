<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Activity;
use Pindle\Core\Calendar\Span;

/**
 * What was planned before, as far as it can stay: at its own time if that is still free, else as early as can be; with its own questions while its
 * course is the same, else with new ones; with its own things while they still do.
 */
final readonly class Holding
{
    public function __construct(private SettingOut $settingOut)
    {
    }

    /**
     * @param array<string, list<Candidate>> $candidates child id => best first
     *
     * @return list<SetUp>
     */
    public function held(DayRequest $request, Day $day, array $candidates): array
    {
        $stay = $this->stay($request, $day, $candidates, true);
        $all = [...$request->kept, ...$stay];

        // Where one goes that others counted on for company, each is placed as if the ones after it were not there.
        return $day->keepsCompany($request->kept, $all) ? $stay : $this->stay($request, $day, $candidates, false);
    }

    /**
     * @param array<string, list<Candidate>> $candidates child id => best first
     * @param bool                           $together   whether those that come later are company already
     *
     * @return list<SetUp>
     */
    private function stay(DayRequest $request, Day $day, array $candidates, bool $together): array
    {
        $length = new Length($request);
        $stay = [];
        foreach ($request->held as $i => $held) {
            $sittings = [];
            $soon = $together ? \array_slice($request->held, $i + 1) : [];
            foreach ($held->sittings as $sitting) {
                $candidate = self::stillThere(
                    $candidates[$sitting->childId] ?? [],
                    $sitting,
                    $held->activity,
                    self::stepsOf($request->kept, $sitting->childId),
                );
                if (null !== $candidate && $held->span->minutes() <= min(
                    $candidate->learner->child->longestSittingOn($request->date),
                    $length->left($candidate->learner, $stay),
                )) {
                    $made = $this->settingOut->asking->sitting($candidate, \count($sitting->questions));
                    $sittings[] = $made->asksLike($sitting) ? $made->asking($sitting->questions) : $made;
                }
            }
            $children = $request->children(array_map(static fn (Sitting $sitting): string => $sitting->childId, $sittings));
            if ([] === $sittings || [] === $children) {
                continue;
            }
            $others = [...$request->kept, ...$stay];
            $span = $day->holds($held->span) && $day->allows($others, $children, $held->span, $held->part, $held->place, $held->activity, $soon)
                ? $held->span
                : $day->earliest($others, $children, $held->span->minutes(), $held->part, $held->place, $held->activity);
            $again = null === $span ? null : $this->again($held, $span, $sittings, $others);
            // What is asked adapts as far as what lies out serves it; else it is asked as it was.
            if (null !== $span && $again?->thingIds() !== $held->thingIds()) {
                $asBefore = array_map(static fn (Sitting $made): Sitting => self::asBefore($made, $held), $sittings);
                $same = $this->again($held, $span, $asBefore, $others);
                $again = $same?->thingIds() === $held->thingIds() ? $same : $again;
            }
            if (null !== $again) {
                $stay[] = $again->named($held->key);
            }
        }

        return $stay;
    }

    /**
     * @param non-empty-list<Sitting> $sittings
     * @param list<SetUp>             $others
     */
    private function again(SetUp $held, Span $span, array $sittings, array $others): ?SetUp
    {
        return $this->settingOut->setUp($held->activity, $held->place, $held->part, $span, $sittings, $others, $held->thingIds());
    }

    /** A sitting with the questions it had, where it is still about the same steps. */
    private static function asBefore(Sitting $made, SetUp $held): Sitting
    {
        $was = $held->sittingOf($made->childId);
        $steps = static fn (?Sitting $of): array => array_map(static fn (Course $course): string => $course->stepId, $of->courses ?? []);

        return null !== $was && $steps($was) === $steps($made) ? $made->asking($was->questions) : $made;
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
}
