<?php

declare(strict_types=1);

namespace Pindle\App\Platform;

use Pindle\App\Platform\Database\CannotWrite;
use Pindle\App\Platform\Jobs\SaidToParent;

/** A file could not be written whole. What lay there before still does. */
final class NotWritten extends \RuntimeException implements SaidToParent
{
    /** Less room than this, in bytes, and the disk counts as full. */
    private const FULL = 65_536;

    private function __construct(public readonly CannotWrite $why)
    {
        parent::__construct($why->value);
    }

    public static function full(): self
    {
        return new self(CannotWrite::Full);
    }

    /** @param string $path of the file that could not be written */
    public static function at(string $path): self
    {
        $folder = \dirname($path);
        while (!is_dir($folder) && \dirname($folder) !== $folder) {
            $folder = \dirname($folder);
        }
        $free = is_dir($folder) ? @disk_free_space($folder) : false;

        return new self(match (true) {
            !is_writable($folder) => CannotWrite::ReadOnly,
            false !== $free && $free < self::FULL => CannotWrite::Full,
            default => CannotWrite::Broken,
        });
    }
}
