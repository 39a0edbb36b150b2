<?php

declare(strict_types=1);

namespace Pindle\Core\Calendar;

/** A stretch of a day that cannot be. */
final class InvalidSpan extends \InvalidArgumentException
{
    public static function of(int $start, int $end): self
    {
        return new self(\sprintf('A stretch from minute %d to minute %d is not inside one day.', $start, $end));
    }
}
