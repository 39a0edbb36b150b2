<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Sight;

use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Sight;

/** A whole and two plates, the one part to see and the other to find; both empty where any parts will do. */
final readonly class Bond implements Sight
{
    public function __construct(public int $n, public ?int $part)
    {
    }

    public function picture(): Picture
    {
        return Picture::Bond;
    }
}
