<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Activity;
use Pindle\Core\Activity\Prop;
use Pindle\Core\Activity\Role;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Caution\Cautions;
use Pindle\Core\Child\Child;
use Pindle\Core\Question\QuestionSet;
use Pindle\Core\Skill\Form;
use Pindle\Core\Thing\Thing;

/**
 * Chooses the things for an activity from what the house has: enough of them, fitting, even where they are weighed, safe for everyone in
 * reach, liked, and not the same again. An amount that no kind has alone is split over two.
 */
final readonly class LayOut
{
    /** No lay-out needs more loose things than this: counting them out would wear anyone out. */
    public const MOST_THINGS = 60;

    public function __construct(private Cautions $cautions)
    {
    }

    /**
     * Things for every role of an activity, or what it lacks.
     *
     * @param list<Prop>                              $props   what it wants besides
     * @param non-empty-list<array{QuestionSet, int}> $sets    the questions of each child at the set-up and the reach of their step
     * @param list<Form|null>                         $forms   of the sittings
     * @param list<Thing>                             $free    what is not in use at that time
     * @param list<Child>                             $nearby
     * @param list<string>                            $avoid   ids of things used lately
     * @param list<string>                            $liked   ids of things the children like
     *
     * @return list<Laid>|Lack
     */
    public function choose(
        Activity $activity,
        array $props,
        array $sets,
        array $forms,
        array $free,
        array $nearby,
        LocalDate $on,
        array $avoid,
        array $liked,
    ): array|Lack {
        foreach ([$activity->asThing(), ...array_map(static fn (Prop $prop): Thing => $prop->thing, $props)] as $thing) {
            if (!$this->cautions->allow($thing, $nearby, $on)) {
                return new Lack(LackReason::PropUnsafe, 'props', 1, $thing);
            }
        }
        $values = self::values($sets);
        $laid = [];
        $before = [];
        foreach ($activity->roles as $role) {
            $count = min(self::MOST_THINGS, $role->count->count($values));
            if (0 === $count || !$role->isWantedIn($forms)) {
                continue;
            }
            $left = self::without($free, $laid);
            $fitting = array_values(array_filter($left, fn (Thing $thing): bool => null === $this->trouble($role, $thing, $before, $nearby, $on)));
            $score = static fn (Thing $thing): float => self::score($thing, $role, $before, $laid, $avoid, $liked);
            usort($fitting, static fn (Thing $a, Thing $b): int => $score($b) <=> $score($a));
            $chosen = self::enough($role->id, $fitting, $count);
            if ([] === $chosen) {
                return $this->lack($role, $count, $left, $fitting, $before, $nearby, $on);
            }
            array_push($laid, ...$chosen);
            $before = array_map(static fn (Laid $one): Thing => $one->thing, $chosen);
        }

        return $laid;
    }

    /**
     * The best kind that has enough; else two kinds that have enough together, the more plentiful first.
     *
     * @param list<Thing> $fitting best first
     *
     * @return list<Laid> empty when even two kinds fall short
     */
    private static function enough(string $roleId, array $fitting, int $count): array
    {
        foreach ($fitting as $thing) {
            if ($thing->amount >= $count) {
                return [new Laid($roleId, $thing, $count)];
            }
        }
        usort($fitting, static fn (Thing $a, Thing $b): int => $b->amount <=> $a->amount);
        [$first, $second] = [$fitting[0] ?? null, $fitting[1] ?? null];

        return null === $first || null === $second || 0 === $second->amount || $first->amount + $second->amount < $count ? [] : [
            new Laid($roleId, $first, $first->amount),
            new Laid($roleId, $second, $count - $first->amount),
        ];
    }

    /**
     * What is wrong with a thing for a role, its amount aside; null when nothing is.
     *
     * @param list<Thing> $before  of the role before
     * @param list<Child> $nearby
     */
    private function trouble(Role $role, Thing $thing, array $before, array $nearby, LocalDate $on): ?LackReason
    {
        return match (true) {
            null !== $role->maxSide && ($thing->size->long ?? 0.0) > $role->maxSide => LackReason::TooBig,
            $role->even && !$thing->isEven() => LackReason::Uneven,
            $role->apart && $thing->colours < 2 && self::isAmong($thing, $before) => LackReason::NoOther,
            !$this->cautions->allow($thing, $nearby, $on) => LackReason::Unsafe,
            default => null,
        };
    }

    /**
     * The thing that comes nearest and what is wrong with it: first what only falls short, then what fits by number but not otherwise.
     *
     * @param list<Thing> $left
     * @param list<Thing> $fitting
     * @param list<Thing> $before
     * @param list<Child> $nearby
     */
    private function lack(Role $role, int $count, array $left, array $fitting, array $before, array $nearby, LocalDate $on): Lack
    {
        usort($fitting, static fn (Thing $a, Thing $b): int => $b->amount <=> $a->amount);
        if (isset($fitting[0]) && $fitting[0]->amount > 0) {
            return new Lack(LackReason::TooFew, $role->id, $count, $fitting[0], $count - $fitting[0]->amount);
        }
        foreach ($left as $thing) {
            $trouble = $this->trouble($role, $thing, $before, $nearby, $on);
            if (null !== $trouble && $thing->amount >= $count) {
                return new Lack($trouble, $role->id, $count, $thing);
            }
        }

        return new Lack(LackReason::Nothing, $role->id, $count);
    }

    /**
     * @param list<Thing>  $before
     * @param list<Laid>   $laid
     * @param list<string> $avoid
     * @param list<string> $liked
     */
    private static function score(Thing $thing, Role $role, array $before, array $laid, array $avoid, array $liked): float
    {
        $again = self::isAmong($thing, $before);
        $alike = [] !== array_filter($before, static fn (Thing $other): bool => $other->glyph === $thing->glyph);

        return (\in_array($thing->id, $liked, true) ? 1.0 : 0.0)
            - (\in_array($thing->id, $avoid, true) ? 2.0 : 0.0)
            - ([] !== array_filter($laid, static fn (Laid $one): bool => $one->thing->id === $thing->id) ? 1.0 : 0.0)
            + (!$role->apart && $again ? 3.0 : 0.0)
            - ($role->apart && $alike ? 1.0 : 0.0)
            + ($role->even && null !== $thing->mass ? 1.0 : 0.0)
            // Among equals, the kind there is plenty of is the easiest to find.
            + min(1.0, $thing->amount / 100);
    }

    /** @param list<Thing> $things */
    private static function isAmong(Thing $thing, array $things): bool
    {
        return [] !== array_filter($things, static fn (Thing $other): bool => $other->id === $thing->id);
    }

    /**
     * What is left when some lie out already.
     *
     * @param list<Thing> $free
     * @param list<Laid>  $laid
     *
     * @return list<Thing>
     */
    private static function without(array $free, array $laid): array
    {
        return array_map(static function (Thing $thing) use ($laid): Thing {
            $used = array_sum(array_map(static fn (Laid $one): int => $one->thing->id === $thing->id ? $one->count : 0, $laid));

            return 0 === $used ? $thing : $thing->counted(max(0, $thing->amount - $used));
        }, $free);
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
