<?php

declare(strict_types=1);

namespace Pindle\Core\Calendar;

/** A date that does not exist. */
final class InvalidDate extends \InvalidArgumentException
{
    public static function notADay(string $text): self
    {
        return new self(\sprintf('"%s" is not a day written YYYY-MM-DD.', substr($text, 0, 40)));
    }
}
