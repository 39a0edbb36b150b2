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
    /** Chance to miss a task although the step is there, and to do it although it is not. */
    public const SLIP = 0.20;
    public const GUESS = 0.30;

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

    /**
     * Likelihood ratio of knowing the step to not knowing it. One tiny task says less than a try in a sitting does: a step that is half there goes
     * well by chance, and one that is there may go wrong with a stranger's question (decision 33).
     */
    public function ratio(Step $step): float
    {
        $weight = $this->outcome->weight($step->skill->isQuick());
        $guess = null === $this->choices ? self::GUESS : max(self::GUESS, 1 / $this->choices);

        return Tracing::ratio($weight, $guess, $this->outcome->isSuccess(), self::SLIP);
    }
}
