<?php

declare(strict_types=1);

namespace Pindle\Core\Advice;

use Pindle\Core\Skill\Step;

/** A step a child could work on today, what each part of its value is, and why. */
final readonly class RankedStep
{
    /**
     * @param float                     $gain      what a sitting would bring, 0 and up
     * @param float                     $push      1, or more where it is wanted or was left alone
     * @param float                     $freshness 1, or less where it was just done
     * @param array<string, int|string> $values    for the sentence of the reason
     */
    public function __construct(
        public Step $step,
        public float $gain,
        public float $push,
        public float $freshness,
        public bool $brandNew,
        public Reason $reason,
        public array $values,
    ) {
    }

    public function value(): float
    {
        return $this->gain * $this->push * $this->freshness;
    }
}
