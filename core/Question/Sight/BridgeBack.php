<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Sight;

use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Sight;

/** A teen on two frames, some of it to go. */
final readonly class BridgeBack implements Sight
{
    public function __construct(public int $n, public int $gone)
    {
    }

    public function picture(): Picture
    {
        return Picture::Bridge;
    }
}
