<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Question\Sight;

/** Something to be seen that nothing here draws. */
final class UnknownSight extends \LogicException
{
    public static function of(Sight $sight): self
    {
        return new self(\sprintf('Nothing draws %s.', $sight::class));
    }
}
