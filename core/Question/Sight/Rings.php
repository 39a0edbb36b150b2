<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Sight;

use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Sight;

/** Empty rings and a mix to sort. */
final readonly class Rings implements Sight
{
    public function __construct(public int $groups)
    {
    }

    public function picture(): Picture
    {
        return Picture::Rings;
    }
}
