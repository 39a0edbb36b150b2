<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

use Pindle\Core\Child\CanDoRule;
use Pindle\Core\Skill\Step;

/** The can-do rule, clause by clause: what is there and what is still wanted; and the check that meets it where nobody taps. */
final class CanDoClauses
{
    /** Belief wanted besides the clauses that can be counted. */
    public const BELIEF = 0.95;

    /** An answer is open when guessing would be right at most this often. */
    public const OPEN_GUESS = 0.20;

    /** Unaided successes wanted in the last form of a step that has forms. */
    public const IN_LAST_FORM = 2;

    /** Questions of a check, and of these at once for a quick skill; days of closing marks that were all or mostly alone before one is asked. */
    public const CHECK = 3;
    public const CHECK_AT_ONCE = 2;
    public const CLOSING_DAYS = 3;

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
    public static function of(CanDoRule $rule, Step $step, StepState $state): array
    {
        $unaided = array_filter($state->window->of($rule), static fn (WindowPlace $place): bool => $place->isUnaided);
        $count = \count($unaided);
        $days = Clause::atLeast(ClauseKind::Days, $state->spread->days, $rule->days());
        $variety = CanDoRule::Gentle === $rule || !$step->varies ? [] : [self::variety($rule, $state->spread)];
        if ($step->skill->isGuess()) {
            return [self::guessing($state), $days, ...$variety];
        }

        $clauses = [
            Clause::atLeast(ClauseKind::Unaided, $count, $rule->successes(), $rule->window()),
            $days,
            Clause::atLeast(ClauseKind::Open, \count(array_filter($unaided, static fn (WindowPlace $place): bool => $place->isOpen)), $rule->openAnswers()),
            new Clause(ClauseKind::Belief, (int) floor($state->p * 100), (int) (self::BELIEF * 100), null, $state->p >= self::BELIEF),
            ...$variety,
        ];
        if (CanDoRule::Thorough === $rule) {
            $clauses[] = Clause::atLeast(ClauseKind::WeekApart, $state->spread->daysBetween(), self::WEEK);
        }
        if ($step->skill->isQuick()) {
            $atOnce = \count(array_filter($unaided, static fn (WindowPlace $place): bool => $place->isAtOnce));
            $clauses[] = Clause::atLeast(ClauseKind::AtOnce, $atOnce, (int) ceil(max($count, $rule->successes()) / 2));
        }
        if (null !== $step->lastForm()) {
            $inForm = \count(array_filter($unaided, static fn (WindowPlace $place): bool => $place->form === $step->lastForm()));
            $clauses[] = Clause::atLeast(ClauseKind::LastForm, $inForm, self::IN_LAST_FORM);
        }

        return $clauses;
    }

    public static function areMet(CanDoRule $rule, Step $step, StepState $state): bool
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

    /** Whether all is met but that half of it is said at once: right, not yet quick. */
    public static function isOnlyNotQuick(CanDoRule $rule, Step $step, StepState $state): bool
    {
        $missing = array_filter(self::of($rule, $step, $state), static fn (Clause $clause): bool => !$clause->met);

        return 1 === \count($missing) && ClauseKind::AtOnce === reset($missing)->kind;
    }

    /** Whether closing marks have come so far that three questions settle it. */
    public static function isCheckDue(Step $step, StepState $state): bool
    {
        $closings = $state->closings;

        return !$state->standing->isCanDo()
            && $closings->days >= self::CLOSING_DAYS
            && (!$step->varies || \count($closings->activities) >= 2 || \count($closings->things) >= 2);
    }

    /** Whether the last three were a check that went without help: in the last form, and for a quick skill mostly at once. */
    public static function isCheckPassed(Step $step, Window $window): bool
    {
        $last = \array_slice($window->places, -self::CHECK);
        $good = array_filter($last, static fn (WindowPlace $place): bool => Purpose::Check === $place->purpose
            && $place->sittingId === $last[0]->sittingId
            && $place->isUnaided
            && (null === $step->lastForm() || $place->form === $step->lastForm()));
        $atOnce = array_filter($last, static fn (WindowPlace $place): bool => $place->isAtOnce);

        return self::CHECK === \count($good) && (!$step->skill->isQuick() || \count($atOnce) >= self::CHECK_AT_ONCE);
    }

    /** Guesses that come close: the median relative error of the last six. */
    private static function guessing(StepState $state): Clause
    {
        $errors = [];
        foreach (\array_slice($state->window->places, -self::GUESSES) as $place) {
            if (null !== $place->error) {
                $errors[] = $place->error;
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

    private static function variety(CanDoRule $rule, Spread $spread): Clause
    {
        [$activities, $things] = [\count($spread->activities), \count($spread->things)];
        $thingsWanted = CanDoRule::Thorough === $rule ? 3 : 2;

        // Whichever is met or nearer: two activities or enough different things.
        return $activities >= 2 || $things < $thingsWanted
            ? Clause::atLeast(ClauseKind::Activities, $activities, 2)
            : Clause::atLeast(ClauseKind::ThingsUsed, $things, $thingsWanted);
    }
}
