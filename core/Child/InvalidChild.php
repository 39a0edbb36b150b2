<?php

declare(strict_types=1);

namespace Pindle\Core\Child;

/** A child whose numbers cannot be. */
final class InvalidChild extends \InvalidArgumentException
{
    public static function minutesADay(int $minutes): self
    {
        return new self(\sprintf('A day has %d to %d minutes of maths, not %d.', Child::FEWEST_MINUTES, Child::MOST_MINUTES, $minutes));
    }

    public static function longestSitting(int $minutes): self
    {
        return new self(\sprintf('A sitting lasts %d to %d minutes at most, not %d.', Child::SHORTEST_SITTING, Child::LONGEST_SITTING, $minutes));
    }
}
