<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Sight;

use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Sight;

/** So many things in no order: as long as they are, or only that they are there, where length does not tell. */
final readonly class Sizes implements Sight
{
    public function __construct(public int $n, public bool $trueToSize = true)
    {
    }

    public function picture(): Picture
    {
        return Picture::Sizes;
    }
}
