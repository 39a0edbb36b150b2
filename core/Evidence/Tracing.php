<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

/**
 * How one try moves what is believed about a step: knowledge tracing (Corbett and Anderson 1995) with weighted evidence,
 * and a memory half-life that grows with successful looks after a gap. Pure arithmetic; every constant of it stands here.
 */
final class Tracing
{
    /** Belief before anything is known of a child. */
    public const PRIOR = 0.10;

    /** Chance to miss although it is known. */
    public const SLIP = 0.08;

    /** Chance to be right at an open question without knowing. */
    public const OPEN_GUESS = 0.05;

    /** Chance to learn the step in one try that was not a "not yet". */
    public const LEARN = 0.08;

    /** What a closing mark weighs beside a try, and the chance at which what it says would come right by luck (decision 31). */
    public const CLOSING_WEIGHT = 0.3;
    public const CLOSING_GUESS = 0.40;

    public const LEAST = 0.001;
    public const MOST = 0.999;

    /** Weight of an unaided success as evidence for what it directly needs, and how far that may lift a belief. */
    public const IMPLIED_WEIGHT = 0.8;
    public const IMPLIED_MOST = 0.90;

    /** Days after which half would be forgotten: after the first success, and at least this once Can do. */
    public const FIRST_HALF_LIFE = 4.0;
    public const CAN_DO_HALF_LIFE = 14.0;
    public const LONGEST_HALF_LIFE = 365.0;
    public const GROWTH = 1.2;

    /** A gap of this share of the half-life brings recall to 0.80 (log2 of 1.25), where a look is worth most. */
    public const FULL_GAP = 0.322;
    public const SHRINK = 2.5;

    /** Recall under which a step that is Can do is worth a look. */
    public const RECALL_WANTED = 0.80;

    /**
     * Chance to be right without knowing: one in so many choices, at an open question OPEN_GUESS, and never less than that.
     *
     * @param int|null $choices answers laid before the child; null for an open question
     */
    public static function chance(?int $choices): float
    {
        return null === $choices ? self::OPEN_GUESS : max(self::OPEN_GUESS, 1 / $choices);
    }

    /**
     * Likelihood ratio of "known" to "not known" for an outcome. Success never counts against, anything else never for.
     *
     * @param float $weight how far it speaks for knowing, 0 to 1
     * @param float $guess  chance to be right without knowing, above 0 and under 1
     * @param float $slip   chance to miss although it is known, above 0 and under 1
     */
    public static function ratio(float $weight, float $guess, bool $success, float $slip = self::SLIP): float
    {
        $ratio = ((1 - $slip) / $guess) ** $weight * ($slip / (1 - $guess)) ** (1 - $weight);

        return $success ? max(1.0, $ratio) : min(1.0, $ratio);
    }

    public static function weigh(float $p, float $ratio): float
    {
        $odds = $p / (1 - $p) * $ratio;

        return self::clip($odds / (1 + $odds));
    }

    /** Belief after one try of the step itself. Successes with help shown or part done teach, but prove nothing. */
    public static function afterAttempt(float $p, Attempt $attempt, bool $quickSkill): float
    {
        $success = $attempt->outcome->isSuccess();
        if (!$success || Help::Bare === $attempt->help) {
            $p = self::weigh($p, self::ratio($attempt->outcome->weight($quickSkill), $attempt->chance(), $success));
        }

        return Outcome::NotYet === $attempt->outcome ? $p : self::clip($p + (1 - $p) * self::LEARN);
    }

    /**
     * Belief after a closing mark: so many successes, or one "not yet", each weighed less than a try and as if one in four would come right by luck.
     * It speaks of no more than the questions it covers.
     */
    public static function afterClosing(float $p, Closing $closing): float
    {
        if (0 === $closing->covers) {
            return $p;
        }
        $successes = min($closing->mark->successes(), (float) $closing->covers);
        if (0.0 === $successes) {
            return self::weigh($p, self::ratio(0.0, self::CLOSING_GUESS, false) ** self::CLOSING_WEIGHT);
        }
        $p = self::weigh($p, self::ratio(1.0, self::CLOSING_GUESS, true) ** ($successes * self::CLOSING_WEIGHT));

        return self::clip(1 - (1 - $p) * (1 - self::LEARN) ** $successes);
    }

    /** Belief in a step that is directly needed, after an unaided success on what needs it. */
    public static function implied(float $p, float $guess): float
    {
        return max($p, min(self::IMPLIED_MOST, self::weigh($p, self::ratio(self::IMPLIED_WEIGHT, $guess, true))));
    }

    /** Belief in an earlier step after a slip that points at it. */
    public static function slipped(float $p, float $guess): float
    {
        return self::weigh($p, self::ratio(Outcome::WithHelp->weight(false), $guess, false));
    }

    /**
     * Half-life in days after one try.
     *
     * @param float|null $halfLife null before the first unaided success
     * @param int        $gap      whole local days since the last try or refresh
     */
    public static function halfLife(?float $halfLife, int $gap, bool $isUnaided, Outcome $outcome): ?float
    {
        if ($isUnaided) {
            return null === $halfLife
                ? self::FIRST_HALF_LIFE
                : min(self::LONGEST_HALF_LIFE, $halfLife * (1 + self::GROWTH * min(1.0, $gap / (self::FULL_GAP * $halfLife))));
        }

        return null !== $halfLife && Outcome::NotYet === $outcome ? max(1.0, $halfLife / self::SHRINK) : $halfLife;
    }

    /** Chance that it is still there after a gap of whole days. */
    public static function recall(float $halfLife, int $gap): float
    {
        return 2 ** (-$gap / $halfLife);
    }

    /** Days from a look until the next one falls due. */
    public static function daysToNextLook(float $halfLife): int
    {
        return (int) ceil(self::FULL_GAP * $halfLife);
    }

    private static function clip(float $p): float
    {
        return max(self::LEAST, min(self::MOST, $p));
    }
}
