<?php

declare(strict_types=1);

namespace Pindle\Core\Activity;

use Pindle\Core\Child\NamingNumerals;
use Pindle\Core\Child\WayIn;
use Pindle\Core\Question\Dice;
use Pindle\Core\Question\Kind;
use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Skill\Form;
use Pindle\Core\Skill\Step;
use Pindle\Core\Thing\Shape;
use Pindle\Core\Thing\Size;
use Pindle\Core\Thing\Thing;

/** One way of working that serves several steps with many things: what the engine needs of it, without its words. */
final readonly class Activity
{
    /** Minutes to lay out at most, and seconds for one question. */
    public const LONGEST_SET_UP = 5;
    public const QUICKEST = 15;
    public const SLOWEST = 120;

    /**
     * @param array<string, Kind> $serves     skill id => the kind of question it asks
     * @param list<Place>              $places
     * @param list<WayIn>              $waysIn
     * @param list<Form>               $forms      empty when spoken or moved
     * @param list<Role>               $roles      things to count out
     * @param list<Prop>               $props
     * @param int                      $setUp      minutes to lay out, 0 to 5
     * @param int                      $seconds    for one question, 15 to 120
     * @param int|null                 $largest    largest size of a step it can show; null for any
     * @param array<string, Picture> $scenes     form => picture ("spoken" where there is no form)
     * @param NamingNumerals|null      $naming     the way of naming numerals it follows, if any
     * @param list<string>             $care       what cautions ask about the activity itself, for example "moving" or "suds"
     * @param bool                     $checksOnly whether it is for a quick look at what was there, not for learning
     * @param int|null                 $smallest   smallest size of a step it is for; null for any
     * @param list<string>             $allergens  that it handles
     * @param list<Occasion>           $occasions  that it is good for besides a sitting
     * @param list<HouseRule>      $against    house rules it goes against, besides what its things and props say
     * @param array<string, list<Prop>> $formProps form => what it wants besides in that form only
     *
     * @throws InvalidActivity
     */
    public function __construct(
        public string $id,
        public array $serves,
        public Part $part,
        public bool $together,
        public array $places,
        public array $waysIn,
        public array $forms,
        public array $roles,
        public array $props,
        public int $setUp,
        public int $seconds,
        public bool $noisy,
        public ?int $largest,
        public array $scenes,
        public ?NamingNumerals $naming = null,
        public array $care = [],
        public bool $checksOnly = false,
        public ?int $smallest = null,
        public array $formProps = [],
        public array $allergens = [],
        public array $occasions = [],
        public array $against = [],
    ) {
        if ($setUp < 0 || $setUp > self::LONGEST_SET_UP) {
            throw InvalidActivity::setUp($id, $setUp);
        }
        if ($seconds < self::QUICKEST || $seconds > self::SLOWEST) {
            throw InvalidActivity::seconds($id, $seconds);
        }
    }

    /** Whether the activity can put this step before a child in this form (null: spoken or moved). */
    public function shows(Step $step, ?Form $form): bool
    {
        if (!isset($this->serves[$step->skill->id]) || $step->size < ($this->smallest ?? 0) || $step->size > ($this->largest ?? \PHP_INT_MAX)) {
            return false;
        }
        if (!$this->serves[$step->skill->id]->canAsk($step)) {
            return false;
        }

        return null === $form ? [] === $step->forms : \in_array($form, $step->forms, true) && \in_array($form, $this->forms, true);
    }

    public function scene(?Form $form): Picture
    {
        return $this->scenes[$form->value ?? 'spoken'] ?? array_values($this->scenes)[0];
    }

    /**
     * What it wants besides things, in these forms.
     *
     * @param list<Form|null> $forms
     *
     * @return list<Prop>
     */
    public function propsIn(array $forms): array
    {
        $props = $this->props;
        foreach ($forms as $form) {
            array_push($props, ...$this->formProps[$form->value ?? 'spoken'] ?? []);
        }

        return array_values(array_unique($props, \SORT_REGULAR));
    }

    /** Whether it goes on in the middle of daily life or with arms full: nothing is set up, and there is nothing to rehearse. */
    public function isMoment(): bool
    {
        return [] !== array_intersect([Occasion::Moment->value, Occasion::ArmsFull->value], array_map(
            static fn (Occasion $occasion): string => $occasion->value,
            $this->occasions,
        ));
    }

    /** Whether it needs nothing fetched. */
    public function needsNothing(): bool
    {
        return [] === $this->roles && [] === $this->props;
    }

    /** Whether a question can come up in it: where its numbers are rolled, only what the dice can show. */
    public function canAsk(Prompt $prompt, int $reach): bool
    {
        return !$this->rolls() || Dice::canAsk($prompt, $reach);
    }

    /** Whether its numbers are rolled, with dice whose faces are worked out. */
    public function rolls(): bool
    {
        return [] !== array_filter($this->props, static fn (Prop $prop): bool => $prop->faces);
    }

    /** The activity as cautions see it: nothing to swallow, but perhaps something to slip on; who sits at a table does not. */
    public function asThing(Place $place): Thing
    {
        $care = \in_array($place, [Place::Table, Place::HighTable], true) ? array_values(array_diff($this->care, ['moving'])) : $this->care;

        return new Thing($this->id, 'this', 'this', 1, Size::of(300, 300, 300), Shape::Block, $care, $this->allergens);
    }

    /**
     * The same activity with more to take care of.
     *
     * @param list<string> $care
     * @param list<string> $allergens
     */
    public function caring(array $care, array $allergens): self
    {
        return new self(
            $this->id,
            $this->serves,
            $this->part,
            $this->together,
            $this->places,
            $this->waysIn,
            $this->forms,
            $this->roles,
            $this->props,
            $this->setUp,
            $this->seconds,
            $this->noisy,
            $this->largest,
            $this->scenes,
            $this->naming,
            array_values(array_unique([...$this->care, ...$care])),
            $this->checksOnly,
            $this->smallest,
            $this->formProps,
            $allergens,
            $this->occasions,
            $this->against,
        );
    }
}
