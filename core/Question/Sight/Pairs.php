<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Sight;

use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Sight;

/** Two rows, one above the other. */
final readonly class Pairs implements Sight
{
    public function __construct(public int $a, public int $b)
    {
    }

    public function picture(): Picture
    {
        return Picture::Pairs;
    }
}
