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
