<?php

declare(strict_types=1);

namespace Pindle\Core\Journal;

/** A year that cannot begin as it was said. */
final class InvalidYear extends \DomainException
{
    public static function start(int $month, int $day): self
    {
        return new self(\sprintf('No year begins on day %d of month %d.', $day, $month));
    }
}
