<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

/** What a day is measured against: the best there is for each child, what each new activity would open, and what weighs how much. */
final readonly class Scale
{
    /**
     * @param array<string, float> $best  child id => value of the best candidate today; children without one are left out
     * @param array<string, float> $opens activity id => in steps as good as the best, for new ones
     */
    public function __construct(public array $best = [], public array $opens = [], public Weights $weights = new Weights())
    {
    }
}
