<?php

declare(strict_types=1);

namespace Pindle\Core\Question;

/** An amount or a coin that cannot be paid with. */
final class BadCoins extends \InvalidArgumentException
{
    public static function amount(int $amount): self
    {
        return new self(\sprintf('An amount is 0 to 100, not %d.', $amount));
    }

    public static function value(int $value): self
    {
        return new self(\sprintf('A coin is worth at least 1, not %d.', $value));
    }
}
