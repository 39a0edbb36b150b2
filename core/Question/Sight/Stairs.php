<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Sight;

use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Sight;

/** Stairs up to a number; where the next stair is asked it is only a place. */
final readonly class Stairs implements Sight
{
    public function __construct(public int $n, public bool $nextIsOpen)
    {
    }

    public function picture(): Picture
    {
        return Picture::Stairs;
    }
}
