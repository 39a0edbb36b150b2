<?php

declare(strict_types=1);

namespace Pindle\Core\Activity;

/** A count formula that cannot be read. */
final class BrokenFormula extends \InvalidArgumentException
{
    public static function unexpected(string $formula, string $found): self
    {
        return new self(\sprintf('Did not expect "%s" in the count "%s"; it may use n, a, b, r, sum, numbers, + - * /, min and max.', $found, $formula));
    }

    public static function tooLong(string $formula): self
    {
        return new self(\sprintf('The count "%s…" is too long.', substr($formula, 0, 40)));
    }
}
