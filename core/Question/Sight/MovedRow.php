<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Sight;

use Pindle\Core\Question\Moved;
use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Sight;

/** The same amount twice: as it was, and moved. */
final readonly class MovedRow implements Sight
{
    public function __construct(public int $n, public Moved $how)
    {
    }

    public function picture(): Picture
    {
        return Picture::Row;
    }
}
