<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

/** What was seen of one try, in one tap. */
enum Outcome: string
{
    case AtOnce = 'at-once';
    case WorkedItOut = 'worked-it-out';
    case WithHelp = 'with-help';
    case NotYet = 'not-yet';

    /** Relative errors up to which a guess counts as at once, worked out, with help. */
    private const CLOSE = 0.15;
    private const NEAR = 0.35;
    private const ROUGH = 0.60;

    /** The outcome that follows from a guess and the count, by the relative error. */
    public static function ofGuess(float $error): self
    {
        return match (true) {
            $error <= self::CLOSE => self::AtOnce,
            $error <= self::NEAR => self::WorkedItOut,
            $error <= self::ROUGH => self::WithHelp,
            default => self::NotYet,
        };
    }

    public function isSuccess(): bool
    {
        return self::AtOnce === $this || self::WorkedItOut === $this;
    }

    /** How far the outcome speaks for knowing (1) against not knowing (0). A quick skill aims at "at once", so working it out says less. */
    public function weight(bool $quickSkill): float
    {
        return match ($this) {
            self::AtOnce => 1.0,
            self::WorkedItOut => $quickSkill ? 0.6 : 0.9,
            self::WithHelp => 0.35,
            self::NotYet => 0.0,
        };
    }
}
