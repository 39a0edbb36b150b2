<?php

declare(strict_types=1);

namespace Pindle\Core\Advice;

/** A worth whose parts cannot be. */
final class InvalidWorth extends \InvalidArgumentException
{
    public static function part(string $name, float $value): self
    {
        return new self(\sprintf('The part "%s" of a worth can not be %s.', $name, $value));
    }
}
