<?php

declare(strict_types=1);

namespace Pindle\Core\FirstLook;

use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\Tracing;
use Pindle\Core\Skill\Step;

/** What was seen of one tiny task of a first look. */
final readonly class Answer
{
    /** @param float $guess chance to be right without knowing */
    public function __construct(public string $stepId, public Outcome $outcome, public float $guess = Tracing::OPEN_GUESS)
    {
    }

    /** Likelihood ratio of knowing the step to not knowing it: the same weighing as any other try. */
    public function ratio(Step $step): float
    {
        return Tracing::ratio($this->outcome->weight($step->skill->isQuick()), $this->guess, $this->outcome->isSuccess());
    }
}
