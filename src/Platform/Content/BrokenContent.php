<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Content;

/** A file in content/ that cannot be used, with the place in it and the reason. */
final class BrokenContent extends \RuntimeException
{
    public static function at(string $file, string $place, string $reason, ?\Throwable $previous = null): self
    {
        return new self(\sprintf('content/%s, %s: %s', $file, $place, $reason), 0, $previous);
    }
}
