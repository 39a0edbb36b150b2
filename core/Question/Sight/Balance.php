<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Sight;

use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Sight;

/** Two pans: things against things, or a bag that weighs what its numeral says against nothing yet. */
final readonly class Balance implements Sight
{
    public function __construct(public int $left, public int $right, public bool $bag = false)
    {
    }

    public function picture(): Picture
    {
        return Picture::Balance;
    }
}
