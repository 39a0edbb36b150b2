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

    /**
     * @param array<string, StepState|LaterState> $states       by step id; a step without one has never been touched
     * @param list<LastSitting>                   $lastSittings the last two, older first
     * @param Seen|null                           $newest       the last piece of evidence in it
     */
    private function __construct(
        public SkillMap $map,
        public Settings $settings,
        private array $states,
        public array $lastSittings,
        public ?Seen $newest,
    ) {
    }

    /**
     * @param array<string, float> $priors step id => belief before the first attempt, kept within PRIOR_LEAST and PRIOR_MOST
     */
    public static function blank(SkillMap $map, Settings $settings = new Settings(), array $priors = []): self
    {
        return new self(OwnMap::of($map, $settings), $settings, self::beliefs($map, $priors), [], null);
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
        [$states, $sittings, $newest] = [$this->states, $this->lastSittings, $this->newest];
        foreach (self::inOrder($evidence) as $seen) {
            if ($this->map->has($seen->stepId)) {
                $states = $this->after($states, $seen, null);
                $sittings = $seen instanceof Attempt ? LastSitting::after($sittings, $seen) : $sittings;
                $newest = $seen;
            }
        }

        return $newest === $this->newest ? $this : new self($this->map, $this->settings, $states, $sittings, $newest);
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
            $steps[] = [$step->id, $step->needs, $step->forms, $step->skill->kind, $step->skill->signs];
        }

        return [$steps, Fingers::BringThings === $settings->fingers, $settings->thingsStay, $settings->secureRule];
    }

    /**
     * A record as it was kept.
     *
     * @param array<string, StepState|LaterState> $states
     * @param list<LastSitting>                   $lastSittings
     */
    public static function kept(SkillMap $map, Settings $settings, array $states, array $lastSittings): self
    {
        return new self(OwnMap::of($map, $settings), $settings, $states, $lastSittings, null);
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

    /**
     * The steps that evidence must be about to change the state of any of these: they themselves and all that builds on them.
     *
     * @param list<string> $stepIds
     *
     * @return list<string>
     */
    public function bearingOn(array $stepIds): array
    {
        $wanted = array_flip($stepIds);

        return array_values(array_filter(
            array_keys($this->map->steps),
            fn (string $id): bool => [] !== array_intersect_key($wanted, array_flip($this->touchedBy($id))),
        ));
    }

    /**
     * The record with the states of some steps made anew, for evidence that came late or was taken back; all others stay.
     *
     * @param list<string>         $stepIds      as touchedBy names them
     * @param iterable<Seen>       $evidence     all there is about the steps that bearingOn names
     * @param list<Attempt>        $lastAttempts the attempts of the last two sittings
     * @param array<string, float> $priors
     */
    public function again(array $stepIds, iterable $evidence, array $lastAttempts, array $priors = []): self
    {
        $only = array_flip($stepIds);
        $states = array_intersect_key(self::beliefs($this->map, $priors), $only) + array_diff_key($this->states, $only);
        foreach (self::inOrder($evidence) as $seen) {
            $states = $this->after($states, $seen, $only);
        }
        $sittings = [];
        foreach (self::inOrder($lastAttempts) as $attempt) {
            $sittings = $attempt instanceof Attempt ? LastSitting::after($sittings, $attempt) : $sittings;
        }

        return new self($this->map, $this->settings, $states, $sittings, $this->newest);
    }

    public function state(string $stepId): StepState
    {
        return self::known($this->states, $stepId) ?? new StepState();
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

    /** The mark of a step. A step whose own higher reach is Secure is carried and never falls due by time alone. */
    public function mark(string $stepId, LocalDate $on): Mark
    {
        $state = $this->state($stepId);
        $mark = $state->mark($on);

        return Mark::LookAgain === $mark && !$state->hasSlipped() && $this->isCarried($stepId, $on) ? Mark::Secure : $mark;
    }

    public function isCarried(string $stepId, LocalDate $on): bool
    {
        foreach ($this->map->higherReaches($stepId) as $higher) {
            if (Mark::Secure === $this->state($higher)->mark($on)) {
                return true;
            }
        }

        return false;
    }

    /** Good enough for what builds on it. */
    public function servesAsNeed(string $stepId, LocalDate $on): bool
    {
        return $this->state($stepId)->isImplied() || $this->mark($stepId, $on)->isGround();
    }

    /** @return list<string> needs of a step that are not there yet */
    public function missingNeeds(string $stepId, LocalDate $on): array
    {
        return array_values(array_filter($this->map->step($stepId)->needs, fn (string $need): bool => !$this->servesAsNeed($need, $on)));
    }

    /** The day a Secure step falls due for another look; null when it is not Secure or is carried. */
    public function nextLook(string $stepId, LocalDate $on): ?LocalDate
    {
        $state = $this->state($stepId);

        return !$state->standing->secured || $state->hasSlipped() || $this->isCarried($stepId, $on) ? null : $state->memory->nextLook();
    }

    /** Whether a sitting was the first for any step tried in it. */
    public function wasBrandNew(LastSitting $sitting): bool
    {
        foreach ($sitting->stepIds as $stepId) {
            if ($this->state($stepId)->window->firstSitting === $sitting->sittingId) {
                return true;
            }
        }

        return false;
    }

    /**
     * The record after one more piece of evidence, which must not be earlier than what is already in it.
     *
     * @throws \Pindle\Core\Skill\SkillMapError when the step is not on the map
     */
    public function with(Seen $seen): self
    {
        $states = $this->after($this->states, $seen, null);

        return new self(
            $this->map,
            $this->settings,
            $states,
            $seen instanceof Attempt ? LastSitting::after($this->lastSittings, $seen) : $this->lastSittings,
            $seen,
        );
    }

    /**
     * @param array<string, StepState|LaterState> $states
     * @param array<string, mixed>|null           $only steps that may change, as keys; null for all
     *
     * @return array<string, StepState|LaterState>
     */
    private function after(array $states, Seen $seen, ?array $only): array
    {
        if ($seen instanceof Attempt) {
            return $this->afterAttempt($states, $seen, $only);
        }
        if (null === $only || isset($only[$seen->stepId])) {
            $state = self::known($states, $seen->stepId) ?? new StepState();
            $states[$seen->stepId] = match (true) {
                $seen instanceof Witness => $state->witnessed($seen),
                $seen instanceof HandMark => $state->setByHand($seen),
                default => $state,
            };
        }

        return $states;
    }

    /**
     * @param array<string, StepState|LaterState> $states
     * @param array<string, mixed>|null           $only
     *
     * @return array<string, StepState|LaterState>
     */
    private function afterAttempt(array $states, Attempt $attempt, ?array $only): array
    {
        $step = $this->map->step($attempt->stepId);
        $may = static fn (string $id): bool => null === $only || isset($only[$id]);
        if ($may($step->id)) {
            $states[$step->id] = (self::known($states, $step->id) ?? new StepState())->tried($step, $attempt, $this->settings);
        }
        if ($attempt->isUnaided()) {
            foreach ($attempt->isLook ? [] : $step->needs as $need) {
                if ($may($need)) {
                    $known = self::known($states, $need) ?? new StepState();
                    if (Mark::Secure !== $known->mark($attempt->day)) {
                        $states[$need] = $known->withBelief(Tracing::implied($known->p, $attempt->chance()));
                    }
                }
            }
            foreach ($this->map->ancestors($step->id) as $ancestor) {
                $known = self::known($states, $ancestor);
                if (null !== $known?->memory->halfLife && $known->memory->clock != $attempt->day && $may($ancestor)) {
                    $states[$ancestor] = $known->refreshed($attempt->day);
                }
            }
        }
        $earlierSkill = $attempt->isLook || null === $attempt->slip ? null : $this->map->skillOfSlip($attempt->slip->value);
        $earlier = null === $earlierSkill ? null : $this->map->ancestorOfSkill($step->id, $earlierSkill);
        if (null !== $earlier && $may($earlier)) {
            $known = self::known($states, $earlier) ?? new StepState();
            $states[$earlier] = $known->withBelief(Tracing::slipped($known->p, $attempt->chance()));
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
