<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Sight;

use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Sight;

/** A line with a start, hops on or back, and a goal where the way is asked. */
final readonly class Hops implements Sight
{
    public function __construct(public int $start, public int $by, public bool $back = false, public ?int $goal = null)
    {
    }

    public function picture(): Picture
    {
        return Picture::Hops;
    }
}
