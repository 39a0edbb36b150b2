<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Sight;

use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Sight;

/** A pile and empty plates. */
final readonly class Plates implements Sight
{
    public function __construct(public int $n, public int $plates)
    {
    }

    public function picture(): Picture
    {
        return Picture::Plates;
    }
}
