<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Sight;

use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Sight;

/** Three kinds lined up from one edge. */
final readonly class Chart implements Sight
{
    public function __construct(public int $a, public int $b, public int $c)
    {
    }

    public function picture(): Picture
    {
        return Picture::Chart;
    }
}
