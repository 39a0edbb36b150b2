<?php

declare(strict_types=1);

namespace Pindle\Core\Activity;

/** A family that is not in the catalogue. */
final class UnknownFamily extends \InvalidArgumentException
{
    public static function named(string $id): self
    {
        return new self(\sprintf('There is no activity family "%s".', substr($id, 0, 60)));
    }
}
