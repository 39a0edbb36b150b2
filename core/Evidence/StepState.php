<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Child\Settings;
use Pindle\Core\Skill\Step;

/**
 * What is known of one child and one step: belief, memory, ladder, window, spread, and what stands besides. It follows from the evidence
 * alone and holds all that planning needs, so that nobody has to read years of attempts again.
 */
final readonly class StepState
{
    /** From here on a belief is good enough for Steady, and for counting as implied. */
    public const STEADY_FROM = 0.80;

    /**
     * @param float          $p       belief that the step is known, between 0 and 1 and never either
     * @param Spread         $spread  of its unaided successes over days, activities and things
     * @param LocalDate|null $touched the last day anything was seen of the step itself
     *
     * @throws InvalidEvidence when the belief is out of its range
     */
    public function __construct(
        public float $p = Tracing::PRIOR,
        public Memory $memory = new Memory(),
        public Ladder $ladder = new Ladder(),
        public Window $window = new Window(),
        public Spread $spread = new Spread(),
        public Standing $standing = new Standing(),
        public ?LocalDate $touched = null,
    ) {
        if ($p <= 0.0 || $p >= 1.0) {
            throw InvalidEvidence::belief($p);
        }
    }

    /** No attempts of its own, yet believed through what was done above it or said beforehand. */
    public function isImplied(): bool
    {
        return 0 === $this->window->count && $this->p >= self::STEADY_FROM;
    }

    /** Was Secure, and what came last says otherwise: an attempt that was not unaided, or the parent. */
    public function hasSlipped(): bool
    {
        $byHand = $this->standing->byHand;

        return $this->standing->secured && (null === $byHand ? null !== $this->window->last() && !$this->window->endsWell() : Mark::LookAgain === $byHand);
    }

    /** The mark before anyone asks whether it is carried by a higher reach. */
    public function mark(LocalDate $on): Mark
    {
        if ($this->standing->secured) {
            return !$this->hasSlipped() && $this->memory->recall($on) >= Tracing::RECALL_WANTED ? Mark::Secure : Mark::LookAgain;
        }

        return $this->standing->byHand ?? $this->unsecured();
    }

    /** New, Trying or Steady, by the attempts and by what a witness saw. */
    private function unsecured(): Mark
    {
        if (null === $this->window->last() || Mark::Steady === $this->standing->floor) {
            return $this->standing->floor ?? Mark::Fresh;
        }

        return $this->p >= self::STEADY_FROM && $this->window->endsWellTwice() ? Mark::Steady : Mark::Trying;
    }

    public function withBelief(float $p): self
    {
        return new self($p, $this->memory, $this->ladder, $this->window, $this->spread, $this->standing, $this->touched);
    }

    public function refreshed(LocalDate $day): self
    {
        return new self($this->p, $this->memory->refreshed($day), $this->ladder, $this->window, $this->spread, $this->standing, $this->touched);
    }

    /** After one attempt at the step itself; Secure where the rule is met by it. */
    public function tried(Step $step, Attempt $attempt, Settings $settings): self
    {
        $window = $this->window->with($attempt);
        $lost = $this->standing->secured && $window->endsBadlyTwice();
        $spread = $lost ? new Spread() : $this->spread;
        $after = new self(
            $attempt->isLook ? $this->p : Tracing::afterAttempt($this->p, $attempt, $step->skill->isQuick()),
            $this->memory->after($attempt),
            $this->ladder->after($step, $attempt, $settings),
            $window,
            $attempt->isUnaided() ? $spread->with($attempt) : $spread,
            new Standing($this->standing->secured && !$lost, $attempt->isUnaided() ? $this->standing->floor : null),
            $attempt->day,
        );

        return !$after->standing->secured && SecureClauses::areMet($settings->secureRule, $step, $after) ? $after->secured() : $after;
    }

    /** Someone saw it outside a question: New becomes Trying; Trying becomes Steady where it went without help. */
    public function witnessed(Witness $seen): self
    {
        $now = $this->standing;
        $standing = match (true) {
            $now->secured => $now,
            Mark::Fresh === ($now->byHand ?? $this->unsecured()) => new Standing(floor: Mark::Trying),
            $seen->outcome->isSuccess() => new Standing(floor: Mark::Steady),
            default => new Standing(floor: $now->floor),
        };

        return new self($this->p, $this->memory, $this->ladder, $this->window, $this->spread, $standing, $seen->day);
    }

    /**
     * The parent says so. Set lower than it was, the window starts anew, so that old successes do not undo it at once;
     * set higher, belief and memory are lifted to where the mark would have them.
     */
    public function setByHand(HandMark $set): self
    {
        $mark = $set->mark;
        // A miss from before the parent spoke is not the first of two running.
        $endsWell = $this->window->endsWell() ? $this->window : $this->window->emptied();
        $started = new Memory($this->memory->halfLife, $this->memory->clock ?? $set->day);
        [$p, $memory, $window] = match ($mark) {
            Mark::Fresh => [min($this->p, Tracing::PRIOR), new Memory(), $this->window->emptied()],
            Mark::Trying => [min($this->p, 0.5), $started, $this->window->emptied()],
            Mark::Steady => [max($this->p, 0.85), $started, $this->standing->secured ? $this->window->emptied() : $this->window],
            Mark::Secure => [max($this->p, SecureClauses::BELIEF), $this->memory->lasting(Tracing::SECURE_HALF_LIFE)->refreshed($set->day), $endsWell],
            Mark::LookAgain => [max($this->p, self::STEADY_FROM), new Memory($this->memory->halfLife ?? Tracing::FIRST_HALF_LIFE, $started->clock), $endsWell],
        };

        return new self(
            $p,
            $memory,
            Mark::Fresh === $mark ? new Ladder() : $this->ladder->forgiven(),
            $window,
            [] === $window->attempts ? new Spread() : $this->spread,
            new Standing($mark->wasSecured(), Mark::Trying === $mark || Mark::Steady === $mark ? $mark : null, $mark),
            $set->day,
        );
    }

    /** The rule is met for the first time, or again after it was lost. */
    private function secured(): self
    {
        $standing = new Standing(true, $this->standing->floor, $this->standing->byHand);

        return new self($this->p, $this->memory->lasting(Tracing::SECURE_HALF_LIFE), $this->ladder, $this->window, $this->spread, $standing, $this->touched);
    }
}
