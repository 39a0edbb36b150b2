<?php

declare(strict_types=1);

namespace Pindle\Core\Question;

use Pindle\Core\Evidence\Tracing;

/** One question of a set, for one step. */
final readonly class Question
{
    public function __construct(public string $stepId, public Fact $fact, public Level $level)
    {
    }

    /** Chance to be right without knowing. */
    public function guess(): float
    {
        return null === $this->fact->choices ? Tracing::OPEN_GUESS : max(Tracing::OPEN_GUESS, 1 / $this->fact->choices);
    }
}
