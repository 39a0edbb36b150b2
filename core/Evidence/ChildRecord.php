<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Child\Fingers;
use Pindle\Core\Child\Settings;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Skill\Step;

/**
 * All that is known of one child: a state for every step, following from the evidence replayed in order.
 * Values in, values out: adding a piece of evidence gives a new record.
 */
final readonly class ChildRecord
{
    /** How far what is said of a child beforehand may be believed. */
    public const PRIOR_LEAST = 0.05;
    public const PRIOR_MOST = 0.90;

    /** After a single miss a step that is Can do is met again within so many days, and until then counts as if so much of it were gone. */
    public const LOOK_AFTER_MISS_DAYS = 3;
    public const GONE_AFTER_MISS = 0.3;

    /**
     * @param array<string, StepState|LaterState> $states       by step id; a step without one has never been touched
     * @param list<LastSitting>                   $lastSittings the last two, older first
     * @param Looks                               $looks        those at all steps, added up
     * @param Seen|null                           $newest       the last piece of evidence in it
     */
    private function __construct(
        public SkillMap $map,
        public Settings $settings,
        private array $states,
        public array $lastSittings,
        public Looks $looks,
        public ?Seen $newest,
    ) {
    }

    /**
     * @param array<string, float> $priors step id => belief before the first attempt, kept within PRIOR_LEAST and PRIOR_MOST
     */
    public static function blank(SkillMap $map, Settings $settings = new Settings(), array $priors = []): self
    {
        return new self(OwnMap::of($map, $settings), $settings, self::beliefs($map, $priors), [], new Looks(), null);
    }

    /**
     * The record that follows from this evidence, in whatever order it arrived. Steps that left the map are passed over.
     *
     * @param iterable<Seen>       $evidence
     * @param array<string, float> $priors
     */
    public static function replay(SkillMap $map, iterable $evidence, Settings $settings = new Settings(), array $priors = []): self
    {
        return self::blank($map, $settings, $priors)->extended($evidence);
    }

    /**
     * The record after more evidence, in whatever order it arrived, all of it later than what is in it. Steps that left the map are passed over.
     *
     * @param iterable<Seen> $evidence
     */
    public function extended(iterable $evidence): self
    {
        return $this->folded($evidence, null);
    }

    /**
     * As extended, but with the states of some steps alone: those of all others stay as they are, and are not what follows from this evidence.
     *
     * @param list<string>   $stepIds  as touchedBy names them
     * @param iterable<Seen> $evidence
     */
    public function extendedFor(array $stepIds, iterable $evidence): self
    {
        return $this->folded($evidence, array_flip($stepIds));
    }

    /**
     * The record with the states of some steps, and the last sittings, of another; all other states stay.
     *
     * @param list<string> $stepIds
     */
    public function withStatesOf(self $other, array $stepIds): self
    {
        $only = array_flip($stepIds);
        $states = array_intersect_key($other->states, $only) + array_diff_key($this->states, $only);
        $looks = $this->looks;
        foreach ($stepIds as $stepId) {
            $looks = $looks->replacing(self::known($this->states, $stepId)->looks ?? new Looks(), self::known($states, $stepId)->looks ?? new Looks());
        }

        return new self($this->map, $this->settings, $states, $other->lastSittings, $looks, $other->newest ?? $this->newest);
    }

    /**
     * @param iterable<Seen>            $evidence
     * @param array<string, mixed>|null $only     steps whose states may change, as keys; null for all
     */
    private function folded(iterable $evidence, ?array $only): self
    {
        [$states, $sittings, $looks, $newest] = [$this->states, $this->lastSittings, $this->looks, $this->newest];
        foreach (self::inOrder($evidence) as $seen) {
            if ($this->map->has($seen->stepId)) {
                $before = self::known($states, $seen->stepId)->looks ?? new Looks();
                $states = $this->after($states, $seen, $only);
                $looks = $looks->replacing($before, self::known($states, $seen->stepId)->looks ?? new Looks());
                $sittings = self::sittingsAfter($sittings, $seen);
                $newest = $seen;
            }
        }

        return $newest === $this->newest ? $this : new self($this->map, $this->settings, $states, $sittings, $looks, $newest);
    }

    /**
     * What a record follows from besides the evidence and the priors: where this is the same, so is the record. Of the settings only those count
     * that decide what an attempt is worth; how a sum is said or drawn does not.
     *
     * @return list<mixed> to be written as JSON
     */
    public static function followsFrom(SkillMap $map, Settings $settings): array
    {
        $steps = [];
        foreach (OwnMap::of($map, $settings)->steps as $step) {
            $steps[] = [$step->id, $step->needs, $step->forms, $step->skill->kind, $step->skill->signs, $step->varies];
        }

        return [$steps, Fingers::BringThings === $settings->fingers, $settings->thingsStay, $settings->canDoRule];
    }

    /**
     * A record as it was kept.
     *
     * @param array<string, StepState|LaterState> $states
     * @param list<LastSitting>                   $lastSittings
     */
    public static function kept(SkillMap $map, Settings $settings, array $states, array $lastSittings, Looks $looks = new Looks()): self
    {
        return new self(OwnMap::of($map, $settings), $settings, $states, $lastSittings, $looks, null);
    }

    /**
     * The steps whose state a piece of evidence about one step can change: itself and all it needs.
     *
     * @return list<string>
     */
    public function touchedBy(string $stepId): array
    {
        return [$stepId, ...$this->map->ancestors($stepId)];
    }

    public function state(string $stepId): StepState
    {
        return self::known($this->states, $stepId) ?? new StepState();
    }

    /** @return list<string> steps that have a state: those that evidence touched, or of which something is believed beforehand */
    public function touched(): array
    {
        return array_keys($this->states);
    }

    /** @return array<string, StepState> of all steps that were touched, by step id */
    public function states(): array
    {
        return array_map(static fn (StepState|LaterState $state): StepState => $state instanceof LaterState ? $state->state() : $state, $this->states);
    }

    /** @return array<string, StepState> those that are other than in an earlier record that this one was made from; all where there is none */
    public function changedSince(?self $earlier): array
    {
        $changed = [];
        foreach ($this->states as $stepId => $state) {
            if ($state !== ($earlier?->states[$stepId] ?? null)) {
                $changed[$stepId] = $state instanceof LaterState ? $state->state() : $state;
            }
        }

        return $changed;
    }

    /** @return list<string> steps that an earlier record had a state of and this one has none */
    public function goneSince(?self $earlier): array
    {
        return array_keys(array_diff_key($earlier->states ?? [], $this->states));
    }

    public function mark(string $stepId): Mark
    {
        return $this->state($stepId)->mark();
    }

    /** Can do, and it is time to look at it again: it slipped, or by its memory too much of it may be gone. */
    public function isWorthALook(string $stepId, LocalDate $on): bool
    {
        $state = $this->state($stepId);
        if (!$state->standing->isCanDo() || $state->hasSlipped()) {
            return $state->hasSlipped();
        }

        return $this->recall($stepId, $on) < Tracing::RECALL_WANTED && !$this->isCarried($stepId);
    }

    /** Chance that a step is still there, 0 to 1, by its memory and by how fast this child forgets. */
    public function recall(string $stepId, LocalDate $on): float
    {
        return $this->state($stepId)->memory->recall($on, $this->looks->speed());
    }

    /**
     * Share of a step that is Can do that may be gone, 0 to 1; null where no look at it is wanted yet. A single miss wants one as well as time.
     */
    public function faded(string $stepId, LocalDate $on): ?float
    {
        $state = $this->state($stepId);
        $gone = 1 - $this->recall($stepId, $on);

        return match (true) {
            $state->hasSlipped(), $state->hasOneMiss() => max(self::GONE_AFTER_MISS, $gone),
            $this->isWorthALook($stepId, $on) => $gone,
            default => null,
        };
    }

    /** Its own higher reach is Can do, and one of the two was tried. */
    public function isCarried(string $stepId): bool
    {
        foreach ($this->map->higherReaches($stepId) as $higher) {
            $state = $this->state($higher);
            if ($state->standing->isCanDo() && ($state->isTried() || $this->state($stepId)->isTried())) {
                return true;
            }
        }

        return false;
    }

    /** Good enough for what builds on it. */
    public function servesAsNeed(string $stepId): bool
    {
        return $this->mark($stepId)->isGround() || TakenAsKnown::is($stepId, $this);
    }

    /** @return list<string> needs of a step that are not there yet */
    public function missingNeeds(string $stepId): array
    {
        return array_values(array_filter($this->map->step($stepId)->needs, fn (string $need): bool => !$this->servesAsNeed($need)));
    }

    /** The day a step that is Can do falls due for another look; null when it is not, has slipped, or is carried. */
    public function nextLook(string $stepId): ?LocalDate
    {
        $state = $this->state($stepId);
        if (!$state->standing->isCanDo() || $state->hasSlipped()) {
            return null;
        }
        $due = $this->isCarried($stepId) ? null : $state->memory->nextLook($this->looks->speed());
        if (!$state->hasOneMiss()) {
            return $due;
        }
        $soon = $state->lastMiss()?->plusDays(self::LOOK_AFTER_MISS_DAYS);

        return null === $due || null === $soon || $due->isAfter($soon) ? $soon : $due;
    }

    /**
     * The record after one more piece of evidence, which must not be earlier than what is already in it.
     *
     * @throws \Pindle\Core\Skill\SkillMapError when the step is not on the map
     */
    public function with(Seen $seen): self
    {
        $states = $this->after($this->states, $seen, null);
        $looks = $this->looks->replacing($this->state($seen->stepId)->looks, self::known($states, $seen->stepId)->looks ?? new Looks());

        return new self($this->map, $this->settings, $states, self::sittingsAfter($this->lastSittings, $seen), $looks, $seen);
    }

    /**
     * @param list<LastSitting> $sittings
     *
     * @return list<LastSitting>
     */
    private static function sittingsAfter(array $sittings, Seen $seen): array
    {
        return $seen instanceof Attempt || $seen instanceof Closing ? LastSitting::after($sittings, $seen) : $sittings;
    }

    /**
     * @param array<string, StepState|LaterState> $states
     * @param array<string, mixed>|null           $only steps that may change, as keys; null for all
     *
     * @return array<string, StepState|LaterState>
     */
    private function after(array $states, Seen $seen, ?array $only): array
    {
        $stepId = $seen->stepId;
        if (null === $only || isset($only[$stepId])) {
            $state = self::known($states, $stepId) ?? new StepState();
            $states[$stepId] = match (true) {
                $seen instanceof Attempt => $state->tried($this->map->step($stepId), $seen, $this->settings),
                $seen instanceof Closing => $state->closed($this->map->step($stepId), $seen, $this->settings),
                $seen instanceof Witness => $state->witnessed($seen),
                $seen instanceof HandMark => $state->setByHand($seen),
                default => $state,
            };
        }

        return match (true) {
            $seen instanceof Attempt => $this->besidesAttempt($states, $seen, $only),
            $seen instanceof Closing && $seen->covers > 0 && $seen->mark->isAlone() => $this->succeeded(
                $states,
                $stepId,
                Tracing::CLOSING_GUESS,
                $seen->day,
                true,
                $only,
            ),
            default => $states,
        };
    }

    /**
     * What a try says of other steps.
     *
     * @param array<string, StepState|LaterState> $states
     * @param array<string, mixed>|null           $only
     *
     * @return array<string, StepState|LaterState>
     */
    private function besidesAttempt(array $states, Attempt $attempt, ?array $only): array
    {
        if ($attempt->isUnaided()) {
            $states = $this->succeeded($states, $attempt->stepId, $attempt->chance(), $attempt->day, !$attempt->isLook(), $only);
        }
        $earlierSkill = $attempt->isLook() || null === $attempt->slip ? null : $this->map->skillOfSlip($attempt->slip->value);
        $earlier = null === $earlierSkill ? null : $this->map->ancestorOfSkill($attempt->stepId, $earlierSkill);
        if (null !== $earlier && (null === $only || isset($only[$earlier]))) {
            $known = self::known($states, $earlier) ?? new StepState();
            $states[$earlier] = $known->withBelief(Tracing::slipped($known->p, $attempt->chance()));
        }

        return $states;
    }

    /**
     * What was done without help speaks for what it needs, and keeps all that is under it fresh.
     *
     * @param array<string, StepState|LaterState> $states
     * @param float                               $guess   chance to be right without knowing
     * @param bool                                $implies false where what it says of its needs is in the prior already
     * @param array<string, mixed>|null           $only
     *
     * @return array<string, StepState|LaterState>
     */
    private function succeeded(array $states, string $stepId, float $guess, LocalDate $day, bool $implies, ?array $only): array
    {
        $may = static fn (string $id): bool => null === $only || isset($only[$id]);
        foreach ($implies ? $this->map->step($stepId)->needs : [] as $need) {
            if ($may($need)) {
                $known = self::known($states, $need) ?? new StepState();
                if (!$known->standing->isCanDo()) {
                    $states[$need] = $known->withBelief(Tracing::implied($known->p, $guess));
                }
            }
        }
        foreach ($this->map->ancestors($stepId) as $ancestor) {
            $known = self::known($states, $ancestor);
            if (null !== $known?->memory->halfLife && $known->memory->clock != $day && $may($ancestor)) {
                $states[$ancestor] = $known->refreshed($day);
            }
        }

        return $states;
    }

    /** @param array<string, StepState|LaterState> $states */
    private static function known(array $states, string $stepId): ?StepState
    {
        $state = $states[$stepId] ?? null;

        return $state instanceof LaterState ? $state->state() : $state;
    }

    /**
     * @param iterable<Seen> $evidence
     *
     * @return list<Seen>
     */
    private static function inOrder(iterable $evidence): array
    {
        $list = \is_array($evidence) ? array_values($evidence) : iterator_to_array($evidence, false);
        foreach ($list as $i => $seen) {
            // What is kept mostly comes in order.
            if ($i > 0 && Seen::compare($list[$i - 1], $seen) > 0) {
                usort($list, Seen::compare(...));
                break;
            }
        }

        return $list;
    }

    /**
     * @param array<string, float> $priors
     *
     * @return array<string, StepState>
     */
    private static function beliefs(SkillMap $map, array $priors): array
    {
        $states = [];
        foreach ($priors as $stepId => $prior) {
            if ($map->has($stepId)) {
                $states[$stepId] = new StepState(max(self::PRIOR_LEAST, min(self::PRIOR_MOST, $prior)));
            }
        }

        return $states;
    }
}
