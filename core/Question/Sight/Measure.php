<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Sight;

use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Sight;

/** So many end to end along something; laid already, or begun. */
final readonly class Measure implements Sight
{
    public function __construct(public int $n, public bool $begun)
    {
    }

    public function picture(): Picture
    {
        return Picture::Measure;
    }
}
