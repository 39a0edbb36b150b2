<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

/** A sitting that cannot be. */
final class InvalidSitting extends \InvalidArgumentException
{
    /** @param list<string> $stepIds */
    public static function courses(array $stepIds): self
    {
        return new self(\sprintf('A sitting has one course or two of different steps, not %s.', implode(', ', $stepIds)));
    }
}
