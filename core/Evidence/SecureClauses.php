<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

use Pindle\Core\Child\SecureRule;
use Pindle\Core\Skill\Step;

/** The secure rule, clause by clause: what is there and what is still wanted. */
final class SecureClauses
{
    /** Belief wanted besides the clauses that can be counted. */
    public const BELIEF = 0.95;

    /** An answer is open when guessing would be right at most this often. */
    public const OPEN_GUESS = 0.20;

    /** Unaided successes wanted in the last form of a step that has forms. */
    public const IN_LAST_FORM = 2;

    /** Days between the first and the last, where the rule wants a week. */
    public const WEEK = 7;

    /** Guesses looked back over, and the median relative error wanted, in hundredths. */
    public const GUESSES = 6;
    public const GUESS_ERROR = 25;

    /**
     * Every clause with what is there and what is wanted.
     *
     * @return list<Clause>
     */
    public static function of(SecureRule $rule, Step $step, StepState $state): array
    {
        $unaided = array_filter($state->window->of($rule), static fn (Attempt $attempt): bool => $attempt->isUnaided());
        $count = \count($unaided);
        $days = Clause::atLeast(ClauseKind::Days, $state->spread->days, $rule->days());
        $variety = SecureRule::Gentle === $rule ? [] : [self::variety($rule, $state->spread)];
        if ($step->skill->isGuess()) {
            return [self::guessing($state), $days, ...$variety];
        }

        $clauses = [
            Clause::atLeast(ClauseKind::Unaided, $count, $rule->successes(), $rule->window()),
            $days,
            Clause::atLeast(ClauseKind::Open, \count(array_filter($unaided, static fn (Attempt $attempt): bool => $attempt->isOpen())), $rule->openAnswers()),
            new Clause(ClauseKind::Belief, (int) floor($state->p * 100), (int) (self::BELIEF * 100), null, $state->p >= self::BELIEF),
            ...$variety,
        ];
        if (SecureRule::Thorough === $rule) {
            $clauses[] = Clause::atLeast(ClauseKind::WeekApart, $state->spread->daysBetween(), self::WEEK);
        }
        if ($step->skill->isQuick()) {
            $atOnce = \count(array_filter($unaided, static fn (Attempt $attempt): bool => Outcome::AtOnce === $attempt->outcome));
            $clauses[] = Clause::atLeast(ClauseKind::AtOnce, $atOnce, (int) ceil(max($count, $rule->successes()) / 2));
        }
        if (null !== $step->lastForm()) {
            $inForm = \count(array_filter($unaided, static fn (Attempt $attempt): bool => $attempt->form === $step->lastForm()));
            $clauses[] = Clause::atLeast(ClauseKind::LastForm, $inForm, self::IN_LAST_FORM);
        }

        return $clauses;
    }

    public static function areMet(SecureRule $rule, Step $step, StepState $state): bool
    {
        // Belief is the cheapest to ask and the last to come.
        if ($state->p < self::BELIEF && !$step->skill->isGuess()) {
            return false;
        }
        foreach (self::of($rule, $step, $state) as $clause) {
            if (!$clause->met) {
                return false;
            }
        }

        return true;
    }

    /** Guesses that come close: the median relative error of the last six. */
    private static function guessing(StepState $state): Clause
    {
        $errors = [];
        foreach (\array_slice($state->window->attempts, -self::GUESSES) as $attempt) {
            if (null !== $attempt->error) {
                $errors[] = $attempt->error;
            }
        }
        sort($errors);
        $count = \count($errors);
        if (0 === $count) {
            return new Clause(ClauseKind::GuessError, 100, self::GUESS_ERROR, 0, false);
        }
        $median = ($errors[intdiv($count - 1, 2)] + $errors[intdiv($count, 2)]) / 2;

        return new Clause(
            ClauseKind::GuessError,
            (int) ceil($median * 100),
            self::GUESS_ERROR,
            $count,
            $count >= self::GUESSES && $median * 100 <= self::GUESS_ERROR,
        );
    }

    private static function variety(SecureRule $rule, Spread $spread): Clause
    {
        [$activities, $things] = [\count($spread->activities), \count($spread->things)];
        $thingsWanted = SecureRule::Thorough === $rule ? 3 : 2;

        // Whichever is met or nearer: two activities or enough different things.
        return $activities >= 2 || $things < $thingsWanted
            ? Clause::atLeast(ClauseKind::Activities, $activities, 2)
            : Clause::atLeast(ClauseKind::ThingsUsed, $things, $thingsWanted);
    }
}
