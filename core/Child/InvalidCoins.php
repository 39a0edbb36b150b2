<?php

declare(strict_types=1);

namespace Pindle\Core\Child;

/** Coins that cannot be read. */
final class InvalidCoins extends \InvalidArgumentException
{
    public static function unread(string $one): self
    {
        return new self(\sprintf('"%s" is no coin. Write values with commas, like "1, 2, 5 x 4": 1 to 100, each once, up to 100 of each.', $one));
    }

    public static function count(int $most): self
    {
        return new self(\sprintf('A set has 1 to %d kinds of coins.', $most));
    }
}
