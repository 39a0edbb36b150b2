<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Sight;

use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Sight;

/** Some full repeats of a unit and places still to fill. The unit is written in letters: "aab". */
final readonly class Pattern implements Sight
{
    public function __construct(public string $unit, public int $next, public int $repeats)
    {
    }

    public function picture(): Picture
    {
        return Picture::Pattern;
    }
}
