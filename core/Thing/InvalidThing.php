<?php

declare(strict_types=1);

namespace Pindle\Core\Thing;

/** A thing whose numbers cannot be. */
final class InvalidThing extends \InvalidArgumentException
{
    public static function amount(string $name, int $amount): self
    {
        return new self(\sprintf('There can not be %d %s.', $amount, $name));
    }

    public static function colours(string $name, int $colours): self
    {
        return new self(\sprintf('%s come in one colour or more, not in %d.', $name, $colours));
    }

    public static function mass(string $name, float $grams): self
    {
        return new self(\sprintf('One of the %s weighs more than nothing, not %s grams.', $name, $grams));
    }

    public static function deviation(string $name, float $grams): self
    {
        return new self(\sprintf('The %s differ by nothing or more, not by %s grams.', $name, $grams));
    }

    public static function ability(string $name, Ability $ability, Shape $shape): self
    {
        return new self(\sprintf('"%s" cannot be a %s and "%s" as well.', $name, $shape->value, $ability->value));
    }

    public static function colour(string $name, int $colour): self
    {
        return new self(\sprintf('"%s" has no colour %d.', $name, $colour));
    }
}
