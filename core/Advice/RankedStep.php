<?php

declare(strict_types=1);

namespace Pindle\Core\Advice;

use Pindle\Core\Skill\Step;

/** A step a child could work on today, what it would be worth, and why. */
final readonly class RankedStep
{
    /** @param array<string, int|string> $values for the sentence of the reason */
    public function __construct(
        public Step $step,
        public Worth $worth,
        public bool $brandNew,
        public Reason $reason,
        public array $values,
    ) {
    }

    public function value(): float
    {
        return $this->worth->value();
    }

    /** The same, suiting the day so many times as well, 0 and up. */
    public function by(float $times): self
    {
        return new self($this->step, $this->worth->by(1.0, 1.0, $times), $this->brandNew, $this->reason, $this->values);
    }
}
