<?php

declare(strict_types=1);

namespace Pindle\Core\Thing;

/** A size no household thing has. */
final class InvalidSize extends \InvalidArgumentException
{
    public static function side(float $side): self
    {
        return new self(\sprintf('A side of %s mm is not between 0 and 3000 mm.', $side));
    }
}
