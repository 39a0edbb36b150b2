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
}
