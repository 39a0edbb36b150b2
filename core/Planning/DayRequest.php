<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\HouseRule;
use Pindle\Core\Activity\Place;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Child\Child;
use Pindle\Core\Thing\Thing;

/** Everything a day plan follows from. The same request gives the same plan. */
final readonly class DayRequest
{
    /** @var list<Thing> the cupboard, without what the house does not lay out */
    public array $things;

    /**
     * @param list<Learner> $learners
     * @param list<Span>    $windows  when the parent can be there, in order, apart from one another
     * @param list<Thing>   $things   the cupboard
     * @param list<Place>   $places   that can be used today
     * @param bool          $quiet    true when noise will not do
     * @param list<SetUp>   $kept     begun or done: planned around, never touched
     * @param list<SetUp>   $held     planned before and kept: activity, children and things stay where they still can, only times and questions may change
     * @param list<string>  $wanted   ids of activities the parent wants today
     * @param list<HouseRule> $rules  what the house does without
     * @param int|null      $most     set-ups besides what is kept, at least 0: what is put in unasked takes the place of what was there; null for any
     */
    public function __construct(
        public LocalDate $date,
        public int $seed,
        public array $learners,
        public array $windows,
        array $things,
        public array $places,
        public bool $quiet = false,
        public array $kept = [],
        public array $wanted = [],
        public array $held = [],
        public array $rules = [],
        public ?int $most = null,
    ) {
        $this->things = HouseRule::allowed($rules, $things);
    }

    /** A child climbs, and reaches a high table, from about so many months on. */
    public const CLIMBS_FROM_MONTHS = 15;

    /** @return list<Child> awake at any time in the span, so that they may reach what lies out there */
    public function nearby(Span $span, Place $place): array
    {
        return array_values(array_filter(
            array_map(static fn (Learner $learner): Child => $learner->child, $this->learners),
            fn (Child $child): bool => !$child->isAsleepDuring($span)
                && (Place::HighTable !== $place || null === $child->born || $child->ageInMonths($this->date) >= self::CLIMBS_FROM_MONTHS),
        ));
    }
}
