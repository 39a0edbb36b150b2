<?php

declare(strict_types=1);

namespace Pindle\Core\Activity;

use Pindle\Core\Thing\Ability;
use Pindle\Core\Thing\Thing;

/** What a house does without. The first four leave activities or things out, the last two are kept by the screens. */
enum HouseRule: string
{
    case NoFood = 'no-food';
    case NoDiceOrCards = 'no-dice-or-cards';
    case NoCoins = 'no-coins';
    case NoWinners = 'no-winners';
    case NoScreen = 'no-screen';
    case NoNoting = 'no-noting';

    public function leavesOut(Activity $activity): bool
    {
        return \in_array($this, $activity->against, true) || match ($this) {
            self::NoFood => [] !== array_filter($activity->roles, static fn (Role $role): bool => [[Ability::Edible]] === $role->wants),
            self::NoCoins => [] !== array_filter(
                array_merge($activity->props, ...array_values($activity->formProps)),
                static fn (Prop $prop): bool => \in_array(Gear::Coin, $prop->gear, true),
            ),
            default => false,
        };
    }

    /** Whether the thing is not laid out to be counted. */
    public function leavesOutThing(Thing $thing): bool
    {
        return self::NoFood === $this && $thing->canAny([Ability::Edible]);
    }

    /**
     * @param list<self> $rules
     */
    public static function allow(array $rules, Activity $activity): bool
    {
        foreach ($rules as $rule) {
            if ($rule->leavesOut($activity)) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param list<self>  $rules
     * @param list<Thing> $things
     *
     * @return list<Thing> those that may be laid out
     */
    public static function allowed(array $rules, array $things): array
    {
        return array_values(array_filter($things, static function (Thing $thing) use ($rules): bool {
            foreach ($rules as $rule) {
                if ($rule->leavesOutThing($thing)) {
                    return false;
                }
            }

            return true;
        }));
    }
}
