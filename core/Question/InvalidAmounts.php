<?php

declare(strict_types=1);

namespace Pindle\Core\Question;

/** Amounts that cannot be counted out. */
final class InvalidAmounts extends \InvalidArgumentException
{
    public static function negative(int $n, int $a, int $b): self
    {
        return new self(\sprintf('Nothing is counted out below nothing: not %d of %d and %d.', $n, $a, $b));
    }
}
