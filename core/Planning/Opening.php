<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Activity;
use Pindle\Core\Activity\Catalogue;
use Pindle\Core\Advice\RankedStep;
use Pindle\Core\Skill\Form;
use Pindle\Core\Thing\Thing;

/** Which activity that is new to the house would open most: what it serves of what its children are ready for, the less where a known one serves it too. */
final readonly class Opening
{
    /** How much a step counts for which the house has ways already, by their number: a second brings variety, more bring nothing. */
    private const BESIDE = [1.0, 0.3, 0.05];

    public function __construct(private Catalogue $catalogue)
    {
    }

    /**
     * @param array<string, Learner>          $learners   by child id
     * @param array<string, list<RankedStep>> $ranked     child id => what they are ready for, best first
     * @param list<Activity>                  $activities among which to choose
     * @param list<Thing>                     $things     the cupboard
     * @param int                             $most       so many, at least 0, each chosen as if those before it were known; and the best for each child
     *
     * @return array<string, float> activity id => what it opens, in steps as good as the best; most first
     */
    public function most(array $learners, array $ranked, array $activities, Repertoire $repertoire, array $things, int $most): array
    {
        $ways = [];
        $steps = self::steps($learners, $ranked);
        $serves = [];
        foreach ($activities as $activity) {
            if ($repertoire->isNew($activity) && self::isInReach($activity, $things)) {
                $serves[$activity->id] = self::served($activity, $steps);
            }
        }
        foreach ($this->catalogue->activities as $activity) {
            foreach ($repertoire->isNew($activity) ? [] : self::served($activity, $steps) as $childId => $served) {
                $ways[$childId] = self::beside($ways[$childId] ?? [], $served);
            }
        }
        $opens = [];
        $all = self::all($ways);
        // What opens most for one child is weighed too, so that nobody is left without; and what a pinned step wants.
        foreach (array_keys($ranked) as $childId) {
            $own = array_map(static fn (array $served): float => self::worth(array_intersect_key($served, [$childId => true]), $ways, $all), $serves);
            arsort($own);
            $id = (string) array_key_first($own);
            $opens += ($own[$id] ?? 0.0) > 0.0 ? [$id => self::worth($serves[$id], $ways, $all)] : [];
            foreach ($learners[$childId]->child->pins as $pinned) {
                $serving = isset($ways[$childId][$pinned]) ? [] : array_filter(
                    $own,
                    static fn (string $of): bool => isset($serves[$of][$childId][$pinned]),
                    \ARRAY_FILTER_USE_KEY,
                );
                $opens += [] === $serving ? [] : [(string) array_key_first($serving) => max($serving)];
            }
        }
        while ($most-- > 0 && [] !== $serves) {
            $worth = array_map(static fn (array $served): float => self::worth($served, $ways, $all), $serves);
            arsort($worth);
            $id = (string) array_key_first($worth);
            if ($worth[$id] <= 0.0) {
                break;
            }
            $opens[$id] = max($worth[$id], $opens[$id] ?? 0.0);
            foreach ($serves[$id] as $childId => $served) {
                $ways[$childId] = self::beside($ways[$childId] ?? [], $served);
            }
            $all = self::all($ways);
            unset($serves[$id]);
        }
        arsort($opens);

        return $opens;
    }

    /**
     * What one activity serves of what each child is ready for.
     *
     * @param array<string, Learner>          $learners by child id
     * @param array<string, list<RankedStep>> $ranked   by child id
     *
     * @return array<string, array<string, float>> child id => step id => worth, 0 to 1 for the best there is
     */
    public static function serves(Activity $activity, array $learners, array $ranked): array
    {
        return self::served($activity, self::steps($learners, $ranked));
    }

    /**
     * @param array<string, Learner>          $learners by child id
     * @param array<string, list<RankedStep>> $ranked   by child id
     *
     * @return array<string, list<array{string, RankedStep, Form|null, float}>> by skill id
     */
    private static function steps(array $learners, array $ranked): array
    {
        $steps = [];
        foreach ($ranked as $childId => $ofChild) {
            $best = max([0.0, ...array_map(static fn (RankedStep $step): float => $step->value(), $ofChild)]);
            foreach ($best > 0.0 ? $ofChild : [] as $step) {
                $steps[$step->step->skill->id][] = [$childId, $step, Candidates::formOf($learners[$childId], $step->step), $step->value() / $best];
            }
        }

        return $steps;
    }

    /**
     * @param array<string, list<array{string, RankedStep, Form|null, float}>> $steps by skill id
     *
     * @return array<string, array<string, float>> child id => step id => worth, 0 to 1
     */
    private static function served(Activity $activity, array $steps): array
    {
        $by = $activity->isMoment() ? Candidates::FOR_MOMENTS : 1.0;
        $served = [];
        foreach (array_keys($activity->serves) as $skillId) {
            foreach ($steps[$skillId] ?? [] as [$childId, $step, $form, $worth]) {
                if ($activity->shows($step->step, $form) && (!$activity->checksOnly || $step->reason->isLook())) {
                    $served[$childId][$step->step->id] = $by * $worth;
                }
            }
        }

        return $served;
    }

    /**
     * @param array<string, list<float>> $ways   step id => what each way to it brings
     * @param array<string, float>       $served step id => worth
     *
     * @return array<string, list<float>>
     */
    private static function beside(array $ways, array $served): array
    {
        foreach ($served as $stepId => $worth) {
            $ways[$stepId][] = $worth;
        }

        return $ways;
    }

    /**
     * What the children gain: each the less the more they can do already, so that nobody's games are all the house knows.
     *
     * @param array<string, array<string, float>>       $served by child
     * @param array<string, array<string, list<float>>> $ways   by child
     * @param array<string, float>                      $all    by child: what all the ways there are bring
     */
    private static function worth(array $served, array $ways, array $all): float
    {
        $worth = 0.0;
        foreach ($served as $childId => $ofChild) {
            $own = $ways[$childId] ?? [];
            $before = $all[$childId] ?? 0.0;
            $more = 0.0;
            foreach ($ofChild as $stepId => $one) {
                $more += self::covered([...$own[$stepId] ?? [], $one]) - self::covered($own[$stepId] ?? []);
            }
            $worth += log(1 + $before + $more) - log(1 + $before);
        }

        return $worth;
    }

    /**
     * @param array<string, array<string, list<float>>> $ways by child
     *
     * @return array<string, float> by child
     */
    private static function all(array $ways): array
    {
        return array_map(static fn (array $own): float => array_sum(array_map(self::covered(...), $own)), $ways);
    }

    /** @param list<float> $ways what each way to one step brings */
    private static function covered(array $ways): float
    {
        rsort($ways);
        $covered = 0.0;
        foreach (\array_slice($ways, 0, \count(self::BESIDE)) as $i => $worth) {
            $covered += $worth * self::BESIDE[$i];
        }

        return $covered;
    }

    /** @param list<Thing> $things */
    private static function isInReach(Activity $activity, array $things): bool
    {
        foreach ($activity->roles as $role) {
            foreach ($things as $thing) {
                if (LayOut::fits($role, $thing)) {
                    continue 2;
                }
            }

            return false;
        }

        return true;
    }
}
