<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Sight;

use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Sight;

/** Places to point along from a number, the first one filled in. */
final readonly class Track implements Sight
{
    public function __construct(public int $from, public int $to, public int $by = 1)
    {
    }

    public function picture(): Picture
    {
        return Picture::Track;
    }
}
