<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Sight;

use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Sight;

/** Two amounts on two frames, to go over the ten. */
final readonly class Bridge implements Sight
{
    public function __construct(public int $a, public int $b)
    {
    }

    public function picture(): Picture
    {
        return Picture::Bridge;
    }
}
