<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Copies;

/** How large a file is, as a parent would say it. */
final class Sizes
{
    public static function say(int $bytes): string
    {
        return match (true) {
            $bytes < 1_000_000 => \sprintf('%d kB', max(1, (int) round($bytes / 1000))),
            $bytes < 1_000_000_000 => \sprintf('%.1f MB', $bytes / 1_000_000),
            default => \sprintf('%.1f GB', $bytes / 1_000_000_000),
        };
    }
}
