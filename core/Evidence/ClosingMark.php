<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

/** One mark for a whole sitting of one child, where nobody tapped each question. */
enum ClosingMark: string
{
    case AllAlone = 'all-alone';
    case MostlyAlone = 'mostly-alone';
    case MostlyWithMe = 'mostly-with-me';
    case NotYet = 'not-yet';

    /** Shares done alone that lie half way between one mark and the next. */
    private const NEARER_ALL = 0.875;
    private const NEARER_MOSTLY = 0.5;
    private const NEARER_NONE = 0.125;

    /**
     * The mark that a tally comes nearest to: all alone is 1, mostly alone three in four, mostly with the parent one in four, not yet 0.
     *
     * @param int $alone done alone, 0 to $of
     * @param int $of    asked, 1 and up
     *
     * @throws InvalidEvidence when more were done alone than there were
     */
    public static function ofTally(int $alone, int $of): self
    {
        if ($of < 1 || $alone < 0 || $alone > $of) {
            throw InvalidEvidence::tally($alone, $of);
        }
        $share = $alone / $of;

        return match (true) {
            $share >= self::NEARER_ALL => self::AllAlone,
            $share >= self::NEARER_MOSTLY => self::MostlyAlone,
            $share >= self::NEARER_NONE => self::MostlyWithMe,
            default => self::NotYet,
        };
    }

    /** Whether the step was done without help on the whole. */
    public function isAlone(): bool
    {
        return self::AllAlone === $this || self::MostlyAlone === $this;
    }

    /** How many places of a step's window it fills. */
    public function places(): int
    {
        return self::AllAlone === $this ? 2 : 1;
    }

    /** How many successes it counts for; 0 for the one "not yet". */
    public function successes(): float
    {
        return match ($this) {
            self::AllAlone => 3.0,
            self::MostlyAlone => 1.5,
            self::MostlyWithMe => 0.5,
            self::NotYet => 0.0,
        };
    }

    /** What each of its places holds. */
    public function outcome(): Outcome
    {
        return match ($this) {
            self::AllAlone, self::MostlyAlone => Outcome::WorkedItOut,
            self::MostlyWithMe => Outcome::WithHelp,
            self::NotYet => Outcome::NotYet,
        };
    }
}
