<?php

declare(strict_types=1);

namespace Pindle\Core\FirstLook;

use Pindle\Core\Evidence\InvalidEvidence;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\Tracing;
use Pindle\Core\Skill\Step;

/** What was seen of one tiny task of a first look. */
final readonly class Answer
{
    /**
     * @param int|null $choices answers there were to choose from, 2 and up; null for an open answer
     *
     * @throws InvalidEvidence
     */
    public function __construct(public string $stepId, public Outcome $outcome, public ?int $choices = null)
    {
        if (null !== $choices && $choices < 2) {
            throw InvalidEvidence::choices($choices);
        }
    }

    /** Likelihood ratio of knowing the step to not knowing it: the same weighing as any other attempt. */
    public function ratio(Step $step): float
    {
        return Tracing::ratio($this->outcome->weight($step->skill->isQuick()), Tracing::chance($this->choices), $this->outcome->isSuccess());
    }
}
