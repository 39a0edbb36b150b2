<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Activity;
use Pindle\Core\Activity\Formula;
use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Place;
use Pindle\Core\Activity\Prop;
use Pindle\Core\Activity\Role;
use Pindle\Core\Activity\Sameness;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Caution\Cautions;
use Pindle\Core\Caution\Reach;
use Pindle\Core\Child\Child;
use Pindle\Core\Question\QuestionSet;
use Pindle\Core\Skill\Form;
use Pindle\Core\Thing\Ability;
use Pindle\Core\Thing\Thing;

/**
 * Chooses the things for an activity from what the house has: able to do what is done with them, enough of them, fitting, even where they are
 * weighed, safe for everyone in reach, liked, and not the same again.
 */
final class LayOut
{
    /** No lay-out needs more loose things than this: counting them out would wear anyone out. */
    public const MOST_THINGS = 60;

    /** One size is told from the next at a glance when it is so many times as long. */
    public const CLEARLY_LONGER = 1.25;

    /** Thinner than this is fiddly for small hands, longer than this is bulky on a table, in millimetres. */
    private const FIDDLY_MM = 12.0;
    private const BULKY_MM = 160.0;

    /** What lay out before goes before all others, in its order. */
    private const LAY_OUT_BEFORE = 10.0;

    /** So many things are tried for a role before it is given up; the best come first. */
    private const TRIES = 6;

    private Reach $reach;

    /** @var \WeakMap<Role, array<string, LackReason|false>> thing id => what is wrong with it for the role, whatever else lies out; false for nothing */
    private \WeakMap $troubles;

    /** @param Cautions $cautions as they hold for the things of one cupboard on one day */
    public function __construct(Cautions $cautions, LocalDate $on)
    {
        $this->reach = new Reach($cautions, $on);
        $this->troubles = new \WeakMap();
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
     * @param list<string>                            $before  ids of things as they lay out before, which stay where they do
     * @param Part                                    $part    of the parent: what asks for the parent's eye is laid out only with the parent there
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
        array $avoid,
        array $liked,
        Place $place = Place::Table,
        Part $part = Part::With,
        array $before = [],
    ): array|Lack {
        $besides = ['activity '.$activity->id.' at '.$place->value => $activity->asThing($place)];
        foreach ($props as $prop) {
            $besides['prop '.$prop->id] = $prop->thing;
        }
        foreach ($besides as $as => $thing) {
            if (!$this->reach->allows($thing, $nearby, true, $as)) {
                return new Lack(LackReason::PropUnsafe, 'props', 1, $thing);
            }
            if (Part::With !== $part && !$this->reach->allows($thing, $nearby, false, $as)) {
                return new Lack(LackReason::WantsParent, 'props', 1, $thing);
            }
        }
        $wanted = self::wanted($activity, $sets, $forms);
        $total = array_sum(array_column($wanted, 1));
        if ($total > self::MOST_THINGS) {
            return new Lack(LackReason::TooMany, $wanted[0][0]->id, $total);
        }
        $allowed = fn (Thing $thing): bool => $this->reach->allows($thing, $nearby, Part::With === $part);
        $worth = static fn (Thing $thing): float => (\in_array($thing->id, $liked, true) ? 1.0 : 0.0)
            - (\in_array($thing->id, $avoid, true) ? 2.0 : 0.0)
            + self::handiness($thing)
            // Among equals, the kind there is plenty of is the easiest to find.
            + min(1.0, $thing->amount / 100)
            + self::stays($thing, $before);

        return $this->rest($wanted, $free, $allowed, [], $worth);
    }

    /**
     * How many things an activity wants for each of its roles; roles that want none left out.
     *
     * @param non-empty-list<array{QuestionSet, int}> $sets  as for choose
     * @param list<Form|null>                         $forms of the sittings
     *
     * @return list<array{Role, int}>
     */
    public static function wanted(Activity $activity, array $sets, array $forms): array
    {
        $values = self::values($sets);
        $wanted = [];
        foreach ($activity->roles as $role) {
            $count = $role->isWantedIn($forms) ? $role->count->count($values) : 0;
            if ($count > 0) {
                $wanted[] = [$role, $count];
            }
        }

        return $wanted;
    }

    /**
     * Whether what lies out is enough for these questions.
     *
     * @param non-empty-list<array{QuestionSet, int}> $sets  as for choose
     * @param list<Form|null>                         $forms of the sittings
     * @param list<Laid>                              $laid
     */
    public static function isEnough(Activity $activity, array $sets, array $forms, array $laid): bool
    {
        $values = self::values($sets);
        foreach ($activity->roles as $role) {
            $there = array_sum(array_map(static fn (Laid $one): int => $one->roleId === $role->id ? $one->count : 0, $laid));
            if ($role->isWantedIn($forms) && $role->count->count($values) > $there) {
                return false;
            }
        }

        return true;
    }

    /**
     * How much a thing counts for having lain there before, in its own colour.
     *
     * @param list<string> $before ids of things, in their order
     */
    private static function stays(Thing $thing, array $before): float
    {
        $at = 0 === $thing->colour ? array_search($thing->id, $before, true) : false;

        return false === $at ? 0.0 : self::LAY_OUT_BEFORE * (\count($before) - $at);
    }

    /**
     * Whether a thing could play a role, its amount aside.
     */
    public static function fits(Role $role, Thing $thing): bool
    {
        return null === self::unfit($role, $thing);
    }

    /**
     * Things for the roles that are left. Where the best for one leaves nothing for the next, the second best is tried.
     *
     * @param list<array{Role, int}> $wanted
     * @param list<Thing>            $free
     * @param callable(Thing): bool  $allowed by the cautions
     * @param list<Laid>             $laid    for the roles before
     * @param callable(Thing): float $worth
     *
     * @return list<Laid>|Lack
     */
    private function rest(array $wanted, array $free, callable $allowed, array $laid, callable $worth): array|Lack
    {
        if ([] === $wanted) {
            return $laid;
        }
        [$role, $count] = $wanted[0];
        $fitting = $scores = [];
        foreach ($free as $thing) {
            foreach (null === $this->troubleByItself($role, $thing) && $allowed($thing) ? self::left($thing, $laid, $role->apart) : [] as $left) {
                if (null === $this->trouble($role, $left, $laid)) {
                    $fitting[] = $left;
                    $scores[] = [-$worth($left) - self::beside($left, $role, $laid), $left->colour];
                }
            }
        }
        asort($scores);
        $fitting = array_map(static fn (int $i): Thing => $fitting[$i], array_keys($scores));
        $lack = null;
        foreach (\array_slice(self::ways($role, $fitting, $count), 0, self::TRIES) as $way) {
            $rest = $this->rest(\array_slice($wanted, 1), $free, $allowed, [...$laid, ...$way], $worth);
            if (!$rest instanceof Lack) {
                return $rest;
            }
            $lack ??= $rest;
        }
        if (null !== $lack) {
            return $lack;
        }
        $safe = array_values(array_filter($free, $allowed));
        $unsafe = array_values(array_filter($free, static fn (Thing $thing): bool => !$allowed($thing)));
        $left = array_merge(...array_map(static fn (Thing $thing): array => self::left($thing, $laid, $role->apart), $safe));

        return $this->lack($role, $count, $left, $fitting, $unsafe, $laid);
    }

    /**
     * All the ways to fill a role, the best first.
     *
     * @param list<Thing> $fitting best first
     *
     * @return list<list<Laid>>
     */
    private static function ways(Role $role, array $fitting, int $count): array
    {
        $enough = array_values(array_filter($fitting, static fn (Thing $thing): bool => $thing->amount >= $count));
        $alike = array_map(static fn (Thing $thing): array => [new Laid($role->id, $thing, $count)], $enough);

        return match ($role->sameness) {
            Sameness::Alike => $alike,
            Sameness::Mixed => $alike ?: self::mixed($role, $fitting, $count),
            Sameness::Kinds => self::oneEach($role, self::inStock($fitting), $count),
            Sameness::Sizes => self::oneEach($role, self::growing(self::inStock($fitting)), $count),
        };
    }

    /**
     * @param list<Thing> $kinds
     *
     * @return list<list<Laid>>
     */
    private static function oneEach(Role $role, array $kinds, int $count): array
    {
        return \count($kinds) < $count ? [] : [array_map(static fn (Thing $thing): Laid => new Laid($role->id, $thing, 1), \array_slice($kinds, 0, $count))];
    }

    /**
     * As few kinds as have enough together, the more plentiful first.
     *
     * @param list<Thing> $fitting
     *
     * @return list<list<Laid>>
     */
    private static function mixed(Role $role, array $fitting, int $count): array
    {
        usort($fitting, static fn (Thing $a, Thing $b): int => $b->amount <=> $a->amount);
        $laid = [];
        foreach ($fitting as $thing) {
            $take = min($thing->amount, $count);
            if ($take > 0) {
                $laid[] = new Laid($role->id, $thing, $take);
                $count -= $take;
            }
        }

        return $count > 0 ? [] : [$laid];
    }

    /**
     * @param list<Thing> $things
     *
     * @return list<Thing> one of each kind there is
     */
    private static function inStock(array $things): array
    {
        return array_values(array_filter($things, static fn (Thing $thing): bool => $thing->amount > 0 && 0 === $thing->colour));
    }

    /**
     * From the shortest on, each clearly longer than the one before.
     *
     * @param list<Thing> $things
     *
     * @return list<Thing>
     */
    private static function growing(array $things): array
    {
        usort($things, static fn (Thing $a, Thing $b): int => $a->longSide() <=> $b->longSide());
        $growing = [];
        foreach ($things as $thing) {
            $last = $growing[\count($growing) - 1] ?? null;
            if (null !== $thing->size && (null === $last || $thing->size->long >= self::CLEARLY_LONGER * $last->longSide())) {
                $growing[] = $thing;
            }
        }

        return $growing;
    }

    /**
     * What is wrong with a thing for a role, its amount and cautions aside; null when nothing is.
     *
     * @param list<Laid> $laid for the roles before
     */
    private function trouble(Role $role, Thing $thing, array $laid): ?LackReason
    {
        $trouble = $this->troubleByItself($role, $thing);
        foreach (null === $trouble && $role->apart ? $laid : [] as $one) {
            if (self::looksTheSame($one->thing, $thing)) {
                return LackReason::NoOther;
            }
        }

        return $trouble;
    }

    /** The same whatever lies there already; worked out once. */
    private function troubleByItself(Role $role, Thing $thing): ?LackReason
    {
        $this->troubles[$role] ??= [];

        return ($this->troubles[$role][$thing->id] ??= self::unfit($role, $thing) ?? false) ?: null;
    }

    private static function unfit(Role $role, Thing $thing): ?LackReason
    {
        foreach ($role->wants as $anyOf) {
            if (!$thing->canAny($anyOf)) {
                return LackReason::CannotDo;
            }
        }

        return match (true) {
            // Food that is counted is food that is eaten: it is no counter.
            $thing->canAny([Ability::Edible]) && !\in_array(Ability::Edible, array_merge(...$role->wants), true) => LackReason::CannotDo,
            null !== $role->maxSide && ($thing->size->long ?? 0.0) > $role->maxSide => LackReason::TooBig,
            null !== $role->minSide && $thing->longSide() < $role->minSide => LackReason::TooSmall,
            $role->even && !$thing->isEven() => LackReason::Uneven,
            default => null,
        };
    }

    /** Of two kinds those look the same that are drawn the same; of one kind those of one colour do. */
    private static function looksTheSame(Thing $one, Thing $other): bool
    {
        return $one->id === $other->id ? $one->colour === $other->colour : $one->glyph === $other->glyph;
    }

    /**
     * The thing that comes nearest and what is wrong with it: first what only falls short, then what fits by number but not otherwise.
     *
     * @param list<Thing> $left
     * @param list<Thing> $fitting
     * @param list<Thing> $unsafe
     * @param list<Laid>  $laid
     */
    private function lack(Role $role, int $count, array $left, array $fitting, array $unsafe, array $laid): Lack
    {
        $one = Sameness::Kinds === $role->sameness || Sameness::Sizes === $role->sameness;
        usort($fitting, static fn (Thing $a, Thing $b): int => $b->amount <=> $a->amount);
        if (!$one && isset($fitting[0]) && $fitting[0]->amount > 0) {
            return new Lack(LackReason::TooFew, $role->id, $count, $fitting[0], $count - $fitting[0]->amount, $role);
        }
        foreach ($unsafe as $thing) {
            if ($thing->amount >= ($one ? 1 : $count) && null === $this->trouble($role, $thing, $laid)) {
                return new Lack(LackReason::Unsafe, $role->id, $count, $thing, 0, $role);
            }
        }
        foreach ($one ? [] : $left as $thing) {
            $trouble = $this->trouble($role, $thing, $laid);
            if (null !== $trouble && LackReason::CannotDo !== $trouble && $thing->amount >= $count) {
                return new Lack($trouble, $role->id, $count, $thing, 0, $role);
            }
        }

        return new Lack([] === $role->wants && !$one ? LackReason::Nothing : LackReason::CannotDo, $role->id, $count, null, 0, $role);
    }

    /** What small hands hold well goes before seeds and before what fills the table; 0 to 1. */
    private static function handiness(Thing $thing): float
    {
        return match (true) {
            null === $thing->size => 0.5,
            $thing->size->middle < self::FIDDLY_MM => 0.0,
            $thing->size->long > self::BULKY_MM => 0.3,
            default => 1.0,
        };
    }

    /**
     * What speaks for a thing beside those that lie there already.
     *
     * @param list<Laid> $laid
     */
    private static function beside(Thing $thing, Role $role, array $laid): float
    {
        $same = [] !== array_filter($laid, static fn (Laid $one): bool => $one->thing->id === $thing->id);

        // Another kind is told apart more easily than another colour, unless it is colours that are meant.
        return ($same ? ($role->apart && !$role->colour ? -0.5 : 2.0) : 0.0) + ($role->even && null !== $thing->mass ? 1.0 : 0.0);
    }

    /**
     * What is left of a thing when some lie out already. Of a kind with several colours the colours stand apart, where they must.
     *
     * @param list<Laid> $laid
     *
     * @return non-empty-list<Thing>
     */
    private static function left(Thing $thing, array $laid, bool $apart): array
    {
        $used = $most = 0;
        foreach ($laid as $one) {
            if ($one->thing->id === $thing->id) {
                $used += $one->count;
                $most = max($most, $one->count);
            }
        }
        if (0 === $used) {
            return [$thing];
        }
        $left = [$thing->counted(max(0, $thing->amount - $used))];
        for ($colour = 1; $apart && $most <= intdiv($thing->amount, $thing->colours) && $colour < $thing->colours; ++$colour) {
            $left[] = $thing->inColour($colour);
        }

        return $left;
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
        $values = array_fill_keys(Formula::NAMES, 0);
        foreach ($sets as [$set, $reach]) {
            foreach ($set->largest() + ['r' => $reach] as $name => $value) {
                $values[$name] = max($values[$name], $value);
            }
        }

        return $values;
    }
}
