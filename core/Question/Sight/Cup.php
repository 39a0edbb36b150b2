<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Sight;

use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Sight;

/** Some to see, the rest under a cup; no cup where any parts will do. */
final readonly class Cup implements Sight
{
    public function __construct(public int $n, public ?int $seen)
    {
    }

    public function picture(): Picture
    {
        return Picture::Cup;
    }
}
