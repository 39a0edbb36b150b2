<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

use Pindle\Core\Calendar\LocalDate;

/** How well a step is remembered: nothing before the first unaided success, then it fades by half in so many days from its clock on. */
final readonly class Memory
{
    /**
     * @param float|null     $halfLife days, above 0; null before the first unaided success
     * @param LocalDate|null $clock    day of the last attempt or refresh
     *
     * @throws InvalidEvidence when the half-life is 0 or less
     */
    public function __construct(public ?float $halfLife = null, public ?LocalDate $clock = null)
    {
        if (null !== $halfLife && $halfLife <= 0.0) {
            throw InvalidEvidence::halfLife($halfLife);
        }
    }

    /**
     * Chance that it is still there, 0 to 1; 1 for a step that was never right unaided, which has no memory to lose.
     *
     * @param float $speed how many times as fast as usual the child forgets, above 0
     */
    public function recall(LocalDate $on, float $speed = 1.0): float
    {
        return null === $this->halfLife || null === $this->clock ? 1.0 : Tracing::recall($this->halfLife / $speed, $this->daysSince($on));
    }

    /** Days from its clock, at least 0; 0 where it has none. */
    public function daysSince(LocalDate $on): int
    {
        return null === $this->clock ? 0 : max(0, $this->clock->daysUntil($on));
    }

    /**
     * The day it falls due for another look; null where there is nothing to lose.
     *
     * @param float $speed as for recall
     */
    public function nextLook(float $speed = 1.0): ?LocalDate
    {
        return null === $this->halfLife ? null : $this->clock?->plusDays(Tracing::daysToNextLook($this->halfLife / $speed));
    }

    /** After one try, or after what a closing mark stands for. */
    public function after(bool $isUnaided, Outcome $outcome, LocalDate $day): self
    {
        return new self(Tracing::halfLife($this->halfLife, $this->daysSince($day), $isUnaided, $outcome), $day);
    }

    /** Harder work keeps easier work fresh: the clock starts anew, nothing else changes. */
    public function refreshed(LocalDate $day): self
    {
        return new self($this->halfLife, $day);
    }

    /** At least so many days, above 0. */
    public function lasting(float $days): self
    {
        return new self(max($this->halfLife ?? 0.0, $days), $this->clock);
    }
}
