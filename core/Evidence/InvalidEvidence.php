<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

/** Evidence whose numbers cannot be. */
final class InvalidEvidence extends \InvalidArgumentException
{
    public static function choices(int $choices): self
    {
        return new self(\sprintf('A question has two answers to choose from or more, not %d.', $choices));
    }

    public static function error(float $error): self
    {
        return new self(\sprintf('A guess is off by nothing or more, not by %s.', $error));
    }

    public static function belief(float $belief): self
    {
        return new self(\sprintf('A belief lies between 0 and 1, and is never either: not %s.', $belief));
    }

    public static function count(int $count): self
    {
        return new self(\sprintf('Nothing was seen %d times.', $count));
    }

    public static function halfLife(float $days): self
    {
        return new self(\sprintf('A half-life is longer than nothing, not %s days.', $days));
    }

    public static function tally(int $alone, int $of): self
    {
        return new self(\sprintf('Of %d questions %d cannot have been done alone.', $of, $alone));
    }
}
