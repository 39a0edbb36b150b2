<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Sight;

use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Sight;

/** So many piles of the same. */
final readonly class Piles implements Sight
{
    public function __construct(public int $piles, public int $each)
    {
    }

    public function picture(): Picture
    {
        return Picture::Piles;
    }
}
