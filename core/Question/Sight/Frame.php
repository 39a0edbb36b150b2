<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Sight;

use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Sight;

/**
 * An amount on a strip of five or frames of ten: the first part of one kind, the rest of another. As the way in likes to see it, where nothing else hangs on
 * the frame.
 */
final readonly class Frame implements Sight
{
    public function __construct(public int $n, public int $ofFirst, public int $places, public bool $anyWay = true, public bool $build = false)
    {
    }

    public function picture(): Picture
    {
        return Picture::Frame;
    }
}
