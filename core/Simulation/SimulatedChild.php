<?php

declare(strict_types=1);

namespace Pindle\Core\Simulation;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Question;
use Random\Randomizer;

/**
 * A made-up child with a hidden state that learns by practice, forgets without it, and shows what it knows through slips, guesses and bad
 * days. It stands in for the families that a new product does not have. There are two of different shape, so that no rule is fitted to one.
 */
interface SimulatedChild
{
    /** Chance of a success without help at an open question about the step today, on an ordinary day and not tired, 0 to 1. */
    public function chance(string $stepId, LocalDate $on): float;

    /** Whether the step is there today. */
    public function knows(string $stepId, LocalDate $on): bool;

    /** Days, at least 0, until a step that is known would not be if nobody touched it. */
    public function daysLeft(string $stepId, LocalDate $on): float;

    /**
     * How far towards knowing it a sitting would bring a step that is not known, 0 to 1.
     *
     * @param int $tries at the step in the sitting, at least 0
     */
    public function learning(string $stepId, LocalDate $on, int $tries): float;

    /** Among the quarter of children, or about that, who forget fastest. */
    public function forgetsFast(): bool;

    public function guessesALot(): bool;

    /** Whether this is a day on which nobody sits down with the child. */
    public function isMissed(LocalDate $on): bool;

    /**
     * Puts a question to the child and teaches it a little.
     *
     * @param int $alreadyAsked questions before it in the same sitting
     *
     * @return array{Outcome, Method|null, Slip|null} what was seen, or taken for seen
     */
    public function answer(Question $question, Help $help, LocalDate $on, int $alreadyAsked, Randomizer $random): array;
}
