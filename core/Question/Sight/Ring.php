<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Sight;

use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Sight;

/** So many in a ring. */
final readonly class Ring implements Sight
{
    public function __construct(public int $n)
    {
    }

    public function picture(): Picture
    {
        return Picture::Ring;
    }
}
