<?php

declare(strict_types=1);

namespace Pindle\Core\Caution;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Child\Child;
use Pindle\Core\Thing\Ability;
use Pindle\Core\Thing\Thing;

/**
 * The usual cautions, asked of a thing and of everyone who may reach it.
 * Missing knowledge never switches a caution off: a thing without sizes counts as small and as round, a child without a birth date as youngest,
 * and what a thing is called counts as much as what is said of it.
 */
final class Cautions
{
    /** Fits the small-parts cylinder (31.7 mm across, 25.4 to 57.1 mm deep; 16 CFR 1501), with a margin for measuring at home. */
    public const SMALL_MIDDLE_MM = 35.0;
    public const SMALL_LONG_MM = 60.0;

    /** A small ball (16 CFR 1500.18). */
    public const BALL_MIDDLE_MM = 44.4;

    /** What is or was food, or comes out of a kitchen. */
    private const FROM_FOOD = ['food', 'cut-food', 'choking-food', 'egg-box', 'raw-flour', 'honey'];

    /** @var array<string, array<string, true>> name of a thing => ids of rules that know it by that */
    private array $byName = [];

    /** @var array<string, array<string, true>> name of a thing, or allergen of one, => ids of allergens it speaks of */
    private array $held = [];

    /** @var array<string, string|null> word of an allergy => id of the allergen; null where nobody knows it */
    private array $meant = [];

    /**
     * @param list<Rule>     $rules
     * @param list<Allergen> $allergens
     */
    public function __construct(public readonly array $rules, private readonly array $allergens)
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
                foreach ($this->applies($rule, $thing, $child, $on) as $what) {
                    $found[] = new Caution($rule->id, $rule->level, $thing->name, $child->id, $child->name, $what, $rule->withYou);
                }
            }
        }
        usort($found, static fn (Caution $a, Caution $b): int => $b->blocks() <=> $a->blocks());

        return $found;
    }

    /**
     * Whether nothing blocks the thing with these children in reach; what is refused lies out for nobody.
     *
     * @param list<Child> $nearby
     */
    public function allow(Thing $thing, array $nearby, LocalDate $on): bool
    {
        if (null !== $this->refusal($thing)) {
            return false;
        }
        foreach ($this->rules as $rule) {
            foreach ($rule->level->blocks() ? $nearby : [] as $child) {
                if ([] !== $this->applies($rule, $thing, $child, $on)) {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * Whether the parent has to stay with a thing while these children may reach it.
     *
     * @param list<Child> $nearby
     */
    public function wantParent(Thing $thing, array $nearby, LocalDate $on): bool
    {
        foreach ($this->rules as $rule) {
            foreach ($rule->withYou ? $nearby : [] as $child) {
                if ([] !== $this->applies($rule, $thing, $child, $on)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** The rule that never lets a thing of this name, or with this trait, into the house; null when none does. */
    public function refusal(Thing $thing): ?Rule
    {
        foreach ($this->rules as $rule) {
            if (Severity::Refuse === $rule->level && $this->isKnownBy($rule, $thing)) {
                return $rule;
            }
        }

        return null;
    }

    /**
     * What an activity in a household's own words does, as far as rules know it by its words.
     *
     * @return array{list<Rule>, list<string>} rules, and ids of allergens it speaks of
     */
    public function saidIn(string $text): array
    {
        return [
            array_values(array_filter($this->rules, static fn (Rule $rule): bool => Wording::has($text, $rule->says, $rule->except))),
            array_keys($this->heldBy($text)),
        ];
    }

    /** @return list<Allergen> all there are words for */
    public function known(): array
    {
        return $this->allergens;
    }

    /** The allergen a word for an allergy means; null when nobody knows it. */
    public function allergen(string $word): ?Allergen
    {
        foreach ($this->allergens as $allergen) {
            if (trim(Wording::plain($word)) === trim(Wording::plain($allergen->id)) || Wording::has($word, $allergen->known)) {
                return $allergen;
            }
        }

        return null;
    }

    public static function isSmallPart(Thing $thing): bool
    {
        return null === $thing->size || ($thing->size->middle <= self::SMALL_MIDDLE_MM && $thing->size->long <= self::SMALL_LONG_MM);
    }

    public static function isSmallBall(Thing $thing): bool
    {
        return $thing->shape->mayRoll() && (null === $thing->size || $thing->size->middle <= self::BALL_MIDDLE_MM);
    }

    /** @return list<string|null> once for each thing the rule has to say: null, or the allergen in words; empty where it does not apply */
    private function applies(Rule $rule, Thing $thing, Child $child, LocalDate $on): array
    {
        if (null !== $rule->longer && null !== $thing->size && $thing->size->long <= $rule->longer) {
            return [];
        }
        $applies = match ($rule->test) {
            Test::SmallPart => self::isSmallPart($thing) ? [null] : [],
            Test::SmallBall => self::isSmallBall($thing) ? [null] : [],
            Test::Allergen => $this->allergies($thing, $child),
            Test::AskedAllergen => self::isFromFood($thing) ? array_values(array_filter(
                $child->allergies,
                fn (string $word): bool => null === $this->meant($word) && !self::isCalled($thing, $word),
            )) : [],
            Test::Food => $thing->canAny([Ability::Edible]) || \in_array('food', $thing->traits, true) || $this->isCalledBy($rule, $thing) ? [null] : [],
            Test::Trait => $this->isKnownBy($rule, $thing) ? [null] : [],
        };

        return [] !== $applies && null !== $rule->underMonths && $child->ageInMonths($on) >= $rule->underMonths ? [] : $applies;
    }

    /** @return list<string> what a child is allergic to and the thing may hold, in words */
    private function allergies(Thing $thing, Child $child): array
    {
        $found = [];
        foreach ($child->allergies as $word) {
            $id = $this->meant($word);
            if (null === $id ? self::isCalled($thing, $word) : isset(($this->heldBy($thing->name) + $this->heldByAll($thing->allergens))[$id])) {
                $found[] = $word;
            }
        }

        return $found;
    }

    private function meant(string $word): ?string
    {
        return $this->meant[$word] ??= $this->allergen($word)?->id;
    }

    /**
     * @param list<string> $words
     *
     * @return array<string, true>
     */
    private function heldByAll(array $words): array
    {
        return [] === $words ? [] : array_merge(...array_map($this->heldBy(...), $words));
    }

    /** @return array<string, true> ids of allergens that a text speaks of */
    private function heldBy(string $text): array
    {
        if (!isset($this->held[$text])) {
            $this->held[$text] = [];
            foreach ($this->allergens as $allergen) {
                if (Wording::has($text, [$allergen->id, ...$allergen->known, ...$allergen->in], $allergen->except)) {
                    $this->held[$text][$allergen->id] = true;
                }
            }
        }

        return $this->held[$text];
    }

    /** An allergy by the parent's own word: what is called so, or is said to hold it. */
    private static function isCalled(Thing $thing, string $word): bool
    {
        return Wording::has(implode(' ; ', [$thing->name, ...$thing->allergens]), [$word]);
    }

    private static function isFromFood(Thing $thing): bool
    {
        return $thing->canAny([Ability::Edible]) || [] !== $thing->allergens || [] !== array_intersect(self::FROM_FOOD, $thing->traits);
    }

    private function isKnownBy(Rule $rule, Thing $thing): bool
    {
        return (null !== $rule->trait && \in_array($rule->trait, $thing->traits, true)) || $this->isCalledBy($rule, $thing);
    }

    private function isCalledBy(Rule $rule, Thing $thing): bool
    {
        if (!isset($this->byName[$thing->name])) {
            $this->byName[$thing->name] = [];
            foreach ($this->rules as $one) {
                if (Wording::has($thing->name, $one->names, $one->except)) {
                    $this->byName[$thing->name][$one->id] = true;
                }
            }
        }

        return isset($this->byName[$thing->name][$rule->id]);
    }
}
