<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Child\SecureRule;
use Pindle\Core\Skill\Form;

/**
 * What is known of one child and one step. It follows from the evidence alone and holds all that planning needs,
 * so that nobody has to read years of tries again.
 */
final readonly class StepState
{
    /** A step is stuck when, of at least so many tries in the window, at most one in so many went without help. */
    private const STUCK_TRIES = 8;
    private const STUCK_ONE_IN = 4;

    /** From here on a belief is good enough for Steady, and for counting as implied. */
    public const STEADY_FROM = 0.80;

    /**
     * @param float                                          $p            belief that the step is known, 0.001 to 0.999
     * @param float|null                                     $halfLife     days; null before the first unaided success
     * @param LocalDate|null                                 $clock        day of the last try or refresh
     * @param int                                            $attempts        how many there were
     * @param list<Attempt>                                   $lately       the window: the last tries, oldest first, at most SecureRule::LONGEST_WINDOW
     * @param bool                                           $secured      from the secure rule being met until it is lost again
     * @param Form|null                                      $form         where the ladder of forms stands; null before the first try
     * @param int                                            $unaidedInForm that count, since the form was entered
     * @param int                                            $notYetInForm since the form was entered or the last unaided success in it
     * @param Help|null                                 $help         where the ladder of help stands; null before the first try
     * @param array<string, array{seen: int, unaided: int}>  $questions    what was asked, by question key
     * @param Mark|null                                      $floor        Trying or Steady, seen by a witness or set by hand, until a try says otherwise
     * @param Mark|null                                      $byHand       the mark the parent set, until the next try
     * @param LocalDate|null                                 $touched      the last day anything was seen of the step itself
     * @param string|null                                    $firstSitting id of the sitting in which it was first tried
     * @param Spread                                         $spread       of its unaided successes over days, activities and things
     */
    public function __construct(
        public float $p = Tracing::PRIOR,
        public ?float $halfLife = null,
        public ?LocalDate $clock = null,
        public int $attempts = 0,
        public array $lately = [],
        public bool $secured = false,
        public ?Form $form = null,
        public int $unaidedInForm = 0,
        public int $notYetInForm = 0,
        public ?Help $help = null,
        public array $questions = [],
        public ?Mark $floor = null,
        public ?Mark $byHand = null,
        public ?LocalDate $touched = null,
        public ?string $firstSitting = null,
        public Spread $spread = new Spread(),
    ) {
    }

    public function lastAttempt(): ?Attempt
    {
        return [] === $this->lately ? null : $this->lately[\count($this->lately) - 1];
    }

    /** Chance that it is still there; 1 for a step that was never right unaided, which has no memory to lose. */
    public function recall(LocalDate $on): float
    {
        return null === $this->halfLife || null === $this->clock ? 1.0 : Tracing::recall($this->halfLife, max(0, $this->clock->daysUntil($on)));
    }

    /** Unaided successes in the window of a rule. */
    public function unaidedIn(SecureRule $rule): int
    {
        $count = 0;
        foreach (\array_slice($this->lately, -$rule->window()) as $attempt) {
            $count += $attempt->isUnaided() ? 1 : 0;
        }

        return $count;
    }

    /** Whether under half of the last sitting's tries were unaided, so that the next one asks smaller. */
    public function wentHard(): bool
    {
        $last = array_filter($this->lately, fn (Attempt $attempt): bool => $attempt->sittingId === $this->lastAttempt()?->sittingId);
        $unaided = array_filter($last, static fn (Attempt $attempt): bool => $attempt->isUnaided());

        return 2 * \count($unaided) < \count($last);
    }

    /** Whether hardly any of many tries went without help: something it stands on may be missing. */
    public function isStuck(): bool
    {
        $count = \count($this->lately);

        return $count >= self::STUCK_TRIES && self::STUCK_ONE_IN * $this->unaidedIn(SecureRule::Thorough) <= $count;
    }

    /** No tries of its own, yet believed through what was done above it or said beforehand. */
    public function isImplied(): bool
    {
        return 0 === $this->attempts && $this->p >= self::STEADY_FROM;
    }

    /** Was Secure, and what came last says otherwise: a try that was not unaided, or the parent. */
    public function hasSlipped(): bool
    {
        return $this->secured && (null === $this->byHand ? false === ($this->lastAttempt()?->isUnaided() ?? true) : Mark::LookAgain === $this->byHand);
    }

    /** The mark before anyone asks whether it is carried by a higher reach. */
    public function mark(LocalDate $on): Mark
    {
        if ($this->secured) {
            return !$this->hasSlipped() && $this->recall($on) >= Tracing::RECALL_WANTED ? Mark::Secure : Mark::LookAgain;
        }

        return $this->byHand ?? $this->unsecured();
    }

    /** New, Trying or Steady, by the tries and by what a witness saw. */
    private function unsecured(): Mark
    {
        $last = $this->lastAttempt();
        if (null === $last || Mark::Steady === $this->floor) {
            return $this->floor ?? Mark::Fresh;
        }
        $beforeLast = $this->lately[\count($this->lately) - 2] ?? $last;

        return $this->p >= self::STEADY_FROM && $last->isUnaided() && $beforeLast->isUnaided() ? Mark::Steady : Mark::Trying;
    }

    public function withBelief(float $p): self
    {
        return new self($p, $this->halfLife, $this->clock, $this->attempts, $this->lately, $this->secured, $this->form, $this->unaidedInForm, $this->notYetInForm, $this->help, $this->questions, $this->floor, $this->byHand, $this->touched, $this->firstSitting, $this->spread);
    }

    /** Harder work keeps easier work fresh: the clock starts anew, nothing else changes. */
    public function refreshed(LocalDate $day): self
    {
        return new self($this->p, $this->halfLife, $day, $this->attempts, $this->lately, $this->secured, $this->form, $this->unaidedInForm, $this->notYetInForm, $this->help, $this->questions, $this->floor, $this->byHand, $this->touched, $this->firstSitting, $this->spread);
    }

    /** The rule is met for the first time, or again after it was lost. */
    public function secured(): self
    {
        return new self($this->p, max($this->halfLife ?? 0.0, Tracing::SECURE_HALF_LIFE), $this->clock, $this->attempts, $this->lately, true, $this->form, $this->unaidedInForm, $this->notYetInForm, $this->help, $this->questions, $this->floor, $this->byHand, $this->touched, $this->firstSitting, $this->spread);
    }

    /** Someone saw it outside a question: New becomes Trying; Trying becomes Steady where it went without help. */
    public function witnessed(Witness $seen): self
    {
        $floor = match (true) {
            $this->secured => $this->floor,
            Mark::Fresh === ($this->byHand ?? $this->unsecured()) => Mark::Trying,
            $seen->outcome->isSuccess() => Mark::Steady,
            default => $this->floor,
        };

        return new self($this->p, $this->halfLife, $this->clock, $this->attempts, $this->lately, $this->secured, $this->form, $this->unaidedInForm, $this->notYetInForm, $this->help, $this->questions, $floor, $this->secured ? $this->byHand : null, $seen->day, $this->firstSitting, $this->spread);
    }

    /**
     * The parent says so. Set lower than it was, the window starts anew, so that old successes do not undo it at once;
     * set higher, belief and memory are lifted to where the mark would have them.
     */
    public function setByHand(HandMark $set): self
    {
        $mark = $set->mark;
        // A miss from before the parent spoke is not the first of two running.
        $endsWell = $this->lastAttempt()?->isUnaided() ? $this->lately : [];
        [$p, $halfLife, $lately] = match ($mark) {
            Mark::Fresh => [min($this->p, Tracing::PRIOR), null, []],
            Mark::Trying => [min($this->p, 0.5), $this->halfLife, []],
            Mark::Steady => [max($this->p, 0.85), $this->halfLife, $this->secured ? [] : $this->lately],
            Mark::Secure => [max($this->p, SecureClauses::BELIEF), max($this->halfLife ?? 0.0, Tracing::SECURE_HALF_LIFE), $endsWell],
            Mark::LookAgain => [max($this->p, self::STEADY_FROM), $this->halfLife ?? Tracing::FIRST_HALF_LIFE, $endsWell],
        };
        $starts = Mark::Fresh === $mark;

        return new self(
            $p,
            $halfLife,
            $starts ? null : (Mark::Secure === $mark ? $set->day : ($this->clock ?? $set->day)),
            $this->attempts,
            $lately,
            Mark::Secure === $mark || Mark::LookAgain === $mark,
            $starts ? null : $this->form,
            $starts ? 0 : $this->unaidedInForm,
            0,
            $starts ? null : $this->help,
            $this->questions,
            Mark::Trying === $mark || Mark::Steady === $mark ? $mark : null,
            $mark,
            $set->day,
            $this->firstSitting,
            [] === $lately ? new Spread() : $this->spread,
        );
    }
}
