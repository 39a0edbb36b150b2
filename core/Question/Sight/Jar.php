<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Sight;

use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Sight;

/** A see-through pot with so many in it, of the usual things or of the other ones. */
final readonly class Jar implements Sight
{
    public function __construct(public int $n, public bool $others = false)
    {
    }

    public function picture(): Picture
    {
        return Picture::Jar;
    }
}
