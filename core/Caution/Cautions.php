<?php

declare(strict_types=1);

namespace Pindle\Core\Caution;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Child\Child;
use Pindle\Core\Thing\Thing;

/**
 * The usual cautions, asked of a thing and of everyone who may reach it.
 * Missing knowledge never switches a caution off: a thing without sizes counts as small and as round, a child without a birth date as youngest.
 */
final readonly class Cautions
{
    /** Fits the small-parts cylinder (31.7 mm across, 25.4 to 57.1 mm deep; 16 CFR 1501), with a margin for measuring at home. */
    public const SMALL_MIDDLE_MM = 35.0;
    public const SMALL_LONG_MM = 60.0;

    /** A small ball (16 CFR 1500.18). */
    public const BALL_MIDDLE_MM = 44.4;

    /** @param list<Rule> $rules */
    public function __construct(public array $rules)
    {
    }

    /**
     * Every caution for one thing with these children in reach, blocks first.
     *
     * @param list<Child> $nearby
     *
     * @return list<Caution>
     */
    public function about(Thing $thing, array $nearby, LocalDate $on): array
    {
        $found = [];
        foreach ($this->rules as $rule) {
            foreach ($nearby as $child) {
                if (self::applies($rule, $thing, $child, $on)) {
                    $found[] = new Caution($rule->id, $rule->level, $thing->name, $child->id, $child->name);
                }
            }
        }
        usort($found, static fn (Caution $a, Caution $b): int => $b->blocks() <=> $a->blocks());

        return $found;
    }

    /**
     * Whether nothing blocks the thing with these children in reach.
     *
     * @param list<Child> $nearby
     */
    public function allow(Thing $thing, array $nearby, LocalDate $on): bool
    {
        foreach ($this->rules as $rule) {
            foreach (Severity::Block === $rule->level ? $nearby : [] as $child) {
                if (self::applies($rule, $thing, $child, $on)) {
                    return false;
                }
            }
        }

        return true;
    }

    public static function isSmallPart(Thing $thing): bool
    {
        return null === $thing->size || ($thing->size->middle <= self::SMALL_MIDDLE_MM && $thing->size->long <= self::SMALL_LONG_MM);
    }

    public static function isSmallBall(Thing $thing): bool
    {
        return $thing->shape->mayRoll() && (null === $thing->size || $thing->size->middle <= self::BALL_MIDDLE_MM);
    }

    private static function applies(Rule $rule, Thing $thing, Child $child, LocalDate $on): bool
    {
        if (null !== $rule->underMonths && $child->ageInMonths($on) >= $rule->underMonths) {
            return false;
        }

        return match ($rule->test) {
            Test::SmallPart => self::isSmallPart($thing),
            Test::SmallBall => self::isSmallBall($thing),
            Test::Allergen => [] !== array_intersect($thing->allergens, $child->allergies),
            Test::Trait => \in_array($rule->trait, $thing->traits, true),
        };
    }
}
