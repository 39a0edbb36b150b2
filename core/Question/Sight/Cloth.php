<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Sight;

use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Sight;

/** A group under a cloth with its number on it, and a few beside. */
final readonly class Cloth implements Sight
{
    public function __construct(public int $a, public int $b)
    {
    }

    public function picture(): Picture
    {
        return Picture::Cloth;
    }
}
