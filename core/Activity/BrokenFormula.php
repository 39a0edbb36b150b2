<?php

declare(strict_types=1);

namespace Pindle\Core\Activity;

/** A count formula that cannot be read. */
final class BrokenFormula extends \InvalidArgumentException
{
    public static function unexpected(string $formula, string $found): self
    {
        return new self(\sprintf('Did not expect "%s" in the count "%s"; it may use n, a, b, c, r, sum, numbers, + - * /, min and max.', $found, $formula));
    }

    /** @param array<string, int> $values the case it fails at */
    public static function dividesByNothing(string $formula, array $values): self
    {
        $case = implode(', ', array_map(static fn (string $name, int $value): string => $name.' = '.$value, array_keys($values), $values));

        return new self(\sprintf('The count "%s" divides by nothing%s.', $formula, '' === $case ? '' : ' where '.$case));
    }

    public static function tangled(string $formula): self
    {
        return new self(\sprintf('The count "%s" is too tangled to try it with every number; divide by fewer of n, a, b, r and sum.', $formula));
    }

    public static function tooLong(string $formula): self
    {
        return new self(\sprintf('The count "%s…" is too long.', substr($formula, 0, 40)));
    }
}
