<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Skill\Form;

/**
 * What is known of one child and one step. It follows from the tries alone and holds all that planning needs,
 * so that nobody has to read years of tries again.
 */
final readonly class StepState
{
    /**
     * @param float                                          $p         belief that the step is known, 0.001 to 0.999
     * @param float|null                                     $halfLife  days; null before the first unaided success
     * @param LocalDate|null                                 $clock     day of the last try or refresh
     * @param int                                            $tries     how many there were
     * @param list<OneTry>                                   $lately    the last tries, oldest first, at most SecureRule::LONGEST_WINDOW
     * @param bool                                           $secured   from the secure rule being met until it is lost again
     * @param Form|null                                      $form      where the ladder of forms stands; null before the first try
     * @param int                                            $unaidedInForm since the form was entered
     * @param int                                            $notYetInForm  since the form was entered or the last unaided success in it
     * @param HelpLevel|null                                 $help      where the ladder of help stands; null before the first try
     * @param array<string, array{seen: int, unaided: int}>  $questions what was asked, by question key
     */
    public function __construct(
        public float $p = Tracing::PRIOR,
        public ?float $halfLife = null,
        public ?LocalDate $clock = null,
        public int $tries = 0,
        public array $lately = [],
        public bool $secured = false,
        public ?Form $form = null,
        public int $unaidedInForm = 0,
        public int $notYetInForm = 0,
        public ?HelpLevel $help = null,
        public array $questions = [],
    ) {
    }

    public function lastTry(): ?OneTry
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
        return \count(array_filter(\array_slice($this->lately, -$rule->window()), static fn (OneTry $try): bool => $try->isUnaided()));
    }

    /** No tries of its own, yet believed through what was done above it. */
    public function isImplied(): bool
    {
        return 0 === $this->tries && $this->p >= 0.80;
    }

    /** The mark before anyone asks whether it is carried by a higher reach. */
    public function mark(LocalDate $on): Mark
    {
        $last = $this->lastTry();
        if (null === $last) {
            return Mark::Fresh;
        }
        if ($this->secured) {
            return $last->isUnaided() && $this->recall($on) >= Tracing::RECALL_WANTED ? Mark::Secure : Mark::LookAgain;
        }
        $beforeLast = $this->lately[\count($this->lately) - 2] ?? $last;

        return $this->p >= 0.80 && $last->isUnaided() && $beforeLast->isUnaided() ? Mark::Steady : Mark::Trying;
    }

    public function withBelief(float $p): self
    {
        return new self($p, $this->halfLife, $this->clock, $this->tries, $this->lately, $this->secured, $this->form, $this->unaidedInForm, $this->notYetInForm, $this->help, $this->questions);
    }

    /** Harder work keeps easier work fresh: the clock starts anew, nothing else changes. */
    public function refreshed(LocalDate $day): self
    {
        return new self($this->p, $this->halfLife, $day, $this->tries, $this->lately, $this->secured, $this->form, $this->unaidedInForm, $this->notYetInForm, $this->help, $this->questions);
    }
}
