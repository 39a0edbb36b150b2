<?php

declare(strict_types=1);

namespace Pindle\App\Platform;

/** A file that is no photograph, or one that cannot be kept. The message is for the parent. */
final class BadPhotograph extends \RuntimeException
{
    public static function notOne(): self
    {
        return new self('This is no photograph as Pindle keeps them: a JPEG picture. Nothing was stored.');
    }

    public static function tooLarge(int $width, int $height): self
    {
        return new self(\sprintf('This picture is %d by %d points, more than a photograph at the table needs. Nothing was stored.', $width, $height));
    }
}
