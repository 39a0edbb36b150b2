<?php

declare(strict_types=1);

namespace Pindle\Core\Question;

/** Amounts that cannot be counted out. */
final class InvalidAmounts extends \InvalidArgumentException
{
    public static function negative(int ...$amounts): self
    {
        return new self(\sprintf('Amounts are at least 0: %s.', implode(', ', $amounts)));
    }
}
