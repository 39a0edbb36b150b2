<?php

declare(strict_types=1);

namespace Pindle\App\Content;

/** Content that cannot be used: which file, where in it, and why. */
final class BrokenContent extends \RuntimeException
{
    private function __construct(string $message, public readonly string $place, public readonly string $reason, ?\Throwable $previous)
    {
        parent::__construct($message, 0, $previous);
    }

    /**
     * @param string      $place the path of fields, with dots between
     * @param string|null $path  where the file is, so that its line can be told
     */
    public static function at(string $file, string $place, string $reason, ?\Throwable $previous = null, ?string $path = null): self
    {
        $line = null !== $path && is_file($path) ? Lines::of((string) file_get_contents($path), $place) : null;

        return new self(\sprintf('content/%s%s, %s: %s', $file, null === $line ? '' : ' line '.$line, $place, $reason), $place, $reason, $previous);
    }
}
