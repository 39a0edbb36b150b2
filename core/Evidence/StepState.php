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
    /** From here on a belief is good enough for Nearly, and for counting as implied. */
    public const NEARLY_FROM = 0.80;

    /**
     * @param float          $p        belief that the step is known, between 0 and 1 and never either
     * @param Spread         $spread   of its unaided successes over days, activities and things
     * @param LocalDate|null $touched  the last day anything was seen of the step itself
     * @param Spread         $closings of its closing marks that say alone, since the last check
     * @param Looks          $looks    at it since it was Can do
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
        public Spread $closings = new Spread(),
        public RestsOn $restsOn = new RestsOn(),
        public Looks $looks = new Looks(),
    ) {
        if ($p <= 0.0 || $p >= 1.0) {
            throw InvalidEvidence::belief($p);
        }
    }

    /** Whether it was ever asked: tried, or part of a sitting with a closing mark. */
    public function isTried(): bool
    {
        return $this->timesSeen() > 0;
    }

    /** Tries and closing marks together, 0 and up. */
    public function timesSeen(): int
    {
        return $this->window->count + $this->restsOn->closings;
    }

    /** Never asked, yet believed through what was done above it or said beforehand. */
    public function isImplied(): bool
    {
        return !$this->isTried() && $this->p >= self::NEARLY_FROM;
    }

    /** Can do, and two of the last three say otherwise. */
    public function hasSlipped(): bool
    {
        return $this->standing->isCanDo() && $this->window->hasSlipped();
    }

    /** Can do, and only the last one went wrong: most often a slip of a child who can. */
    public function hasOneMiss(): bool
    {
        return $this->standing->isCanDo() && $this->window->endsOnOneMiss();
    }

    /** The day of the last one in the window that was not unaided; null where there is none. */
    public function lastMiss(): ?LocalDate
    {
        foreach (array_reverse($this->window->places) as $place) {
            if (!$place->isUnaided) {
                return $place->day;
            }
        }

        return null;
    }

    /** Not met, Begun, Nearly or Can do, by what was seen of it, by what a witness saw and the parent said. */
    public function mark(): Mark
    {
        if ($this->standing->isCanDo()) {
            return Mark::CanDo;
        }
        if (null !== $this->standing->byHand) {
            return $this->standing->byHand;
        }
        if (Mark::Nearly === $this->standing->floor) {
            return Mark::Nearly;
        }
        if ([] === $this->window->places) {
            return $this->standing->floor ?? ($this->restsOn->closings > 0 ? Mark::Begun : Mark::NotMet);
        }

        return $this->p >= self::NEARLY_FROM && $this->window->endsWellTwice() ? Mark::Nearly : Mark::Begun;
    }

    public function withBelief(float $p): self
    {
        return $this->but(p: $p);
    }

    public function refreshed(LocalDate $day): self
    {
        return $this->but(memory: $this->memory->refreshed($day));
    }

    /** After one attempt at the step itself; Can do where the rule is met or a check passed by it. */
    public function tried(Step $step, Attempt $attempt, Settings $settings): self
    {
        $unaided = $attempt->isUnaided();

        return $this->but(
            p: $attempt->isLook() ? $this->p : Tracing::afterAttempt($this->p, $attempt, $step->skill->isQuick()),
            memory: $this->memory->after($unaided, $attempt->outcome, $attempt->day),
            ladder: $this->ladder->after($step, $attempt, $settings),
            window: $this->window->with($attempt),
            spread: $unaided ? $this->spread->with($attempt) : $this->spread,
            standing: new Standing($this->standing->canDoSince, $unaided ? $this->standing->floor : null),
            touched: $attempt->day,
            // A check that was asked has said what there was to say: the closing marks before it count no more.
            closings: Purpose::Check === $attempt->purpose ? new Spread() : $this->closings,
            restsOn: $this->restsOn->with($attempt),
            looks: $this->lookedAt($attempt->day, $unaided),
        )->settled($step, $attempt->day, $settings)->countingFrom($this);
    }

    /** After a closing mark for a sitting with the step. What it covers no question of moves the help alone. */
    public function closed(Step $step, Closing $closing, Settings $settings): self
    {
        $ladder = $this->ladder->closed($step, $closing, $settings);
        if (0 === $closing->covers) {
            return $this->but(ladder: $ladder, touched: $closing->day, restsOn: $this->restsOn->with($closing));
        }
        $alone = $closing->mark->isAlone();

        return $this->but(
            p: Tracing::afterClosing($this->p, $closing),
            memory: $this->memory->after($alone, $closing->mark->outcome(), $closing->day),
            ladder: $ladder,
            window: $this->window->closed($closing),
            spread: $alone ? $this->spread->with($closing) : $this->spread,
            standing: new Standing($this->standing->canDoSince, $alone ? $this->standing->floor : null),
            touched: $closing->day,
            closings: $alone ? $this->closings->with($closing) : $this->closings,
            restsOn: $this->restsOn->with($closing),
            looks: $this->lookedAt($closing->day, $alone),
        )->settled($step, $closing->day, $settings)->countingFrom($this);
    }

    /** Someone saw it outside a question: Not met becomes Begun; Begun becomes Nearly where it went without help. */
    public function witnessed(Witness $seen): self
    {
        $now = $this->standing;
        $standing = match (true) {
            $now->isCanDo() => $now,
            Mark::NotMet === $this->mark() => new Standing(floor: Mark::Begun),
            $seen->outcome->isSuccess() => new Standing(floor: Mark::Nearly),
            default => new Standing(floor: $now->floor),
        };

        return $this->but(standing: $standing, touched: $seen->day, restsOn: $this->restsOn->with($seen));
    }

    /**
     * The parent says so. Set lower than it was, the window starts anew, so that old successes do not undo it at once;
     * set higher, belief and memory are lifted to where the mark would have them.
     */
    public function setByHand(HandMark $set): self
    {
        $mark = $set->mark;
        $started = new Memory($this->memory->halfLife, $this->memory->clock ?? $set->day);
        [$p, $memory, $window] = match ($mark) {
            Mark::NotMet => [min($this->p, Tracing::PRIOR), new Memory(), $this->window->emptied()],
            Mark::Begun => [min($this->p, 0.5), $started, $this->window->emptied()],
            Mark::Nearly => [max($this->p, 0.85), $started, $this->standing->isCanDo() ? $this->window->emptied() : $this->window],
            Mark::CanDo => [
                max($this->p, CanDoClauses::BELIEF),
                $this->memory->lasting(Tracing::CAN_DO_HALF_LIFE)->refreshed($set->day),
                // A miss from before the parent spoke is not the first of two.
                $this->window->endsWell() ? $this->window : $this->window->emptied(),
            ],
        };

        return $this->but(
            p: $p,
            memory: $memory,
            ladder: Mark::NotMet === $mark ? new Ladder() : $this->ladder->forgiven(),
            window: $window,
            spread: [] === $window->places ? new Spread() : $this->spread,
            standing: new Standing(
                Mark::CanDo === $mark ? $this->standing->canDoSince ?? $set->day : null,
                Mark::Begun === $mark || Mark::Nearly === $mark ? $mark : null,
                $mark,
            ),
            touched: $set->day,
            closings: new Spread(),
            restsOn: $this->restsOn->with($set),
        );
    }

    /** Can do is lost, found, or stays as it was. */
    private function settled(Step $step, LocalDate $day, Settings $settings): self
    {
        $standing = $this->standing;
        if ($standing->isCanDo()) {
            return !$this->window->endsWell() && $this->window->isLost()
                ? $this->but(spread: new Spread(), standing: new Standing(null, $standing->floor, $standing->byHand), closings: new Spread())
                : $this;
        }
        if (!CanDoClauses::areMet($settings->canDoRule, $step, $this) && !CanDoClauses::isCheckPassed($step, $this->window)) {
            return $this;
        }

        return $this->but(
            memory: $this->memory->lasting(Tracing::CAN_DO_HALF_LIFE),
            standing: new Standing($day, $standing->floor, $standing->byHand),
            closings: new Spread(),
        );
    }

    /** Where its mark or its form is another than before, the step moved: the sittings with it are counted anew. */
    private function countingFrom(self $before): self
    {
        $moved = $this->mark() !== $before->mark() || $this->ladder->form !== $before->ladder->form;

        return $moved ? $this->but(window: $this->window->moved()) : $this;
    }

    /** The first of a day at a step that is Can do shows how well it was kept. */
    private function lookedAt(LocalDate $day, bool $isUnaided): Looks
    {
        $gap = $this->memory->daysSince($day);

        return $this->standing->isCanDo() && null !== $this->memory->halfLife && $gap > 0
            ? $this->looks->with($this->memory->halfLife, $gap, $isUnaided)
            : $this->looks;
    }

    private function but(
        ?float $p = null,
        ?Memory $memory = null,
        ?Ladder $ladder = null,
        ?Window $window = null,
        ?Spread $spread = null,
        ?Standing $standing = null,
        ?LocalDate $touched = null,
        ?Spread $closings = null,
        ?RestsOn $restsOn = null,
        ?Looks $looks = null,
    ): self {
        return new self(
            $p ?? $this->p,
            $memory ?? $this->memory,
            $ladder ?? $this->ladder,
            $window ?? $this->window,
            $spread ?? $this->spread,
            $standing ?? $this->standing,
            $touched ?? $this->touched,
            $closings ?? $this->closings,
            $restsOn ?? $this->restsOn,
            $looks ?? $this->looks,
        );
    }
}
