<?php

declare(strict_types=1);

namespace Pindle\Core\Thing;

/** One line that names no thing. */
final class UnreadableLine extends \InvalidArgumentException
{
    public static function name(): self
    {
        return new self('What is it? Write it like "12 corks 25 mm".');
    }

    public static function amount(string $amount): self
    {
        return new self(\sprintf('%s are too many: an amount is 0 to 1000.', substr($amount, 0, 12)));
    }

    public static function size(InvalidSize $e): self
    {
        return new self($e->getMessage(), 0, $e);
    }
}
