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
     * @param Repertoire      $repertoire the games the house knows
     * @param list<Block>     $blocks when the parent has less to give
     * @param array<string, list<string>> $notToday child id => ids of activities the child does not do today
     * @param bool            $low    whether it is a low week: one thing a day at most, and looks wait
     * @param Ready           $ready  what is made already
     * @param InWeek          $inWeek where it stands in its week
     * @param bool            $isBack whether it is the first day after a long while: one look round is enough, and looks wait for it
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
        public Repertoire $repertoire = new Repertoire(),
        public array $blocks = [],
        public array $notToday = [],
        public bool $low = false,
        public Ready $ready = new Ready(),
        public InWeek $inWeek = new InWeek(),
        public bool $isBack = false,
    ) {
        $this->things = HouseRule::allowed($rules, $things);
    }

    /** A child climbs, and reaches a high table, from about so many months on. */
    public const CLIMBS_FROM_MONTHS = 15;

    /** Set-ups besides what is kept at most; null for any. */
    public function mostSetUps(): ?int
    {
        return $this->low ? max(0, min($this->most ?? self::MOST_WHEN_LOW, self::MOST_WHEN_LOW - \count($this->kept))) : $this->most;
    }

    /**
     * The same day with other set-ups planned before.
     *
     * @param list<SetUp> $held
     */
    public function holding(array $held, ?int $most = null): self
    {
        return $this->but(['held' => $held, 'most' => $most]);
    }

    /**
     * The same day with other things in the cupboard.
     *
     * @param list<Thing> $things
     */
    public function withThings(array $things): self
    {
        return $this->but(['things' => $things]);
    }

    /**
     * The same day at other times.
     *
     * @param list<Span> $windows
     */
    public function during(array $windows): self
    {
        return $this->but(['windows' => $windows]);
    }

    /**
     * The same day with other wishes.
     *
     * @param list<string> $wanted ids of activities
     */
    public function wanting(array $wanted): self
    {
        return $this->but(['wanted' => $wanted]);
    }

    /**
     * The same day with other things known of the children.
     *
     * @param list<Learner> $learners
     */
    public function learning(array $learners): self
    {
        return $this->but(['learners' => $learners]);
    }

    /**
     * The same day after these.
     *
     * @param list<LivedDay> $lived in order
     */
    public function after(array $lived): self
    {
        return $this->but(['inWeek' => $this->inWeek->after($lived, $this->date), 'isBack' => $this->isBack && [] === $lived]);
    }

    /** Whether looks wait, unless the parent wants them. */
    public function looksWait(): bool
    {
        return $this->low || $this->isBack;
    }

    /** The same day in a house that knows other games. */
    public function knowing(Repertoire $repertoire): self
    {
        return $this->but(['repertoire' => $repertoire]);
    }

    /**
     * @param array{held?: list<SetUp>, most?: int|null, things?: list<Thing>, windows?: list<Span>, wanted?: list<string>,
     *     repertoire?: Repertoire, learners?: list<Learner>, inWeek?: InWeek, isBack?: bool} $changed
     */
    private function but(array $changed): self
    {
        return new self(
            $this->date,
            $this->seed,
            $changed['learners'] ?? $this->learners,
            $changed['windows'] ?? $this->windows,
            $changed['things'] ?? $this->things,
            $this->places,
            $this->quiet,
            $this->kept,
            $changed['wanted'] ?? $this->wanted,
            $changed['held'] ?? $this->held,
            $this->rules,
            \array_key_exists('most', $changed) ? $changed['most'] : $this->most,
            $changed['repertoire'] ?? $this->repertoire,
            $this->blocks,
            $this->notToday,
            $this->low,
            $this->ready,
            $changed['inWeek'] ?? $this->inWeek,
            $changed['isBack'] ?? $this->isBack,
        );
    }

    /** How many activities that are new to the parent may still come today. */
    public function newLeft(): int
    {
        return max(0, $this->repertoire->newToday() - $this->newAmong($this->kept));
    }

    /**
     * How many activities of these are new to the parent, those aside that the parent wants.
     *
     * @param list<SetUp> $setUps
     */
    public function newAmong(array $setUps): int
    {
        $new = [];
        foreach ($setUps as $setUp) {
            $new += $this->repertoire->isNew($setUp->activity) && !\in_array($setUp->activity->id, $this->wanted, true) ? [$setUp->activity->id => true] : [];
        }

        return \count($new);
    }

    /**
     * @param list<string> $ids
     *
     * @return list<Child> in the order of the house
     */
    public function children(array $ids): array
    {
        return array_values(array_filter(
            array_map(static fn (Learner $learner): Child => $learner->child, $this->learners),
            static fn (Child $child): bool => \in_array($child->id, $ids, true),
        ));
    }

    /** In a low week one thing a day is enough. */
    public const MOST_WHEN_LOW = 1;

    /** A nap is a guess: what must not lie about is put away so many minutes before its end. */
    public const BEFORE_WAKING = 10;

    /** @return list<Child> awake at any time in the span, or soon after it, so that they may reach what lies out there */
    public function nearby(Span $span, Place $place): array
    {
        $cleared = new Span($span->start, min(1440, $span->end + self::BEFORE_WAKING));

        return array_values(array_filter(
            array_map(static fn (Learner $learner): Child => $learner->child, $this->learners),
            fn (Child $child): bool => !$child->isAsleepDuring($cleared)
                && (Place::HighTable !== $place || null === $child->born || $child->ageInMonths($this->date) >= self::CLIMBS_FROM_MONTHS),
        ));
    }
}
