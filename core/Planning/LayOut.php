<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Family;
use Pindle\Core\Activity\Prop;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Caution\Cautions;
use Pindle\Core\Child\Child;
use Pindle\Core\Question\QuestionSet;
use Pindle\Core\Skill\Form;
use Pindle\Core\Thing\Thing;

/** Chooses the things for an activity from what the house has: enough of them, fitting, safe for everyone in reach, liked, and not the same again. */
final readonly class LayOut
{
    public function __construct(private Cautions $cautions)
    {
    }

    /**
     * Things for every role of a family, or null when the house has not what it takes.
     *
     * @param list<Prop>                              $props   what it wants besides
     * @param non-empty-list<array{QuestionSet, int}> $sets    the questions of each child at the set-up and the reach of their step
     * @param list<Form|null>                         $forms   of the sittings
     * @param list<Thing>                             $free    what is not in use at that time
     * @param list<Child>                             $inReach
     * @param list<string>                            $avoid   ids of things used lately
     * @param list<string>                            $liked   ids of things the children like
     *
     * @return list<Laid>|null
     */
    public function choose(Family $family, array $props, array $sets, array $forms, array $free, array $inReach, LocalDate $on, array $avoid, array $liked): ?array
    {
        if (!$this->cautions->allow($family->asThing(), $inReach, $on)) {
            return null;
        }
        foreach ($props as $prop) {
            if (!$this->cautions->allow($prop->thing, $inReach, $on)) {
                return null;
            }
        }
        $values = self::values($sets);
        $laid = [];
        foreach ($family->roles as $role) {
            $count = $role->count->count($values);
            if (0 === $count || !$role->isWantedIn($forms)) {
                continue;
            }
            $before = $laid[\count($laid) - 1] ?? null;
            $best = null;
            $bestScore = -\INF;
            foreach ($free as $thing) {
                $others = array_filter($laid, static fn (Laid $other): bool => $other->thing->id === $thing->id);
                $left = $thing->amount - array_sum(array_map(static fn (Laid $other): int => $other->count, $others));
                $fits = null === $role->maxSide || ($thing->size->long ?? 0.0) <= $role->maxSide;
                if ($left < $count || !$fits || ($role->apart && $before?->thing->id === $thing->id) || !$this->cautions->allow($thing, $inReach, $on)) {
                    continue;
                }
                $score = (\in_array($thing->id, $liked, true) ? 1.0 : 0.0)
                    - (\in_array($thing->id, $avoid, true) ? 2.0 : 0.0)
                    - ([] !== $others ? 1.0 : 0.0)
                    + (!$role->apart && $before?->thing->id === $thing->id ? 3.0 : 0.0)
                    - ($role->apart && $before?->thing->glyph === $thing->glyph ? 1.0 : 0.0)
                    // Among equals, the kind there is plenty of is the easiest to find.
                    + min(1.0, $thing->amount / 100);
                if ($score > $bestScore) {
                    [$best, $bestScore] = [$thing, $score];
                }
            }
            if (null === $best) {
                return null;
            }
            $laid[] = new Laid($role->id, $best, $count);
        }

        return $laid;
    }

    /**
     * The largest of each number over all children: they take turns at one pile.
     *
     * @param non-empty-list<array{QuestionSet, int}> $sets
     *
     * @return array<string, int>
     */
    private static function values(array $sets): array
    {
        $values = ['n' => 0, 'a' => 0, 'b' => 0, 'r' => 0, 'sum' => 0];
        foreach ($sets as [$set, $reach]) {
            foreach ($set->largest() + ['r' => $reach] as $name => $value) {
                $values[$name] = max($values[$name], $value);
            }
        }

        return $values;
    }
}
