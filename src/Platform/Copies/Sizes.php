<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Copies;

/** How large a file is, as a parent would say it. */
final class Sizes
{
    public static function say(int $bytes): string
    {
        return $bytes < 1_000_000 ? \sprintf('%d kB', max(1, (int) round($bytes / 1000))) : \sprintf('%.1f MB', $bytes / 1_000_000);
    }
}
