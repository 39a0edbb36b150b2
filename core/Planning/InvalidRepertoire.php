<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

final class InvalidRepertoire extends \InvalidArgumentException
{
    public static function aWeek(int $given): self
    {
        return new self(\sprintf('New activities a week are 0 to %d, not %d.', Repertoire::MOST_A_WEEK, $given));
    }
}
