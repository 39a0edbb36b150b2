<?php

declare(strict_types=1);

namespace Pindle\Core\Activity;

/** An activity that is not in the catalogue. */
final class UnknownActivity extends \InvalidArgumentException
{
    public static function named(string $id): self
    {
        return new self(\sprintf('There is no activity "%s".', substr($id, 0, 60)));
    }
}
