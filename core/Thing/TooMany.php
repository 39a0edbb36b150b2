<?php

declare(strict_types=1);

namespace Pindle\Core\Thing;

/** A count that a picture or a mat cannot hold. */
final class TooMany extends \InvalidArgumentException
{
    public static function inACircle(int $count): self
    {
        return new self(\sprintf('A circle holds 1 to 20 things, not %d.', $count));
    }
}
