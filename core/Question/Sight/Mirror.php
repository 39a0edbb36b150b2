<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Sight;

use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Sight;

/** So many before a mirror; or, a line between, so many and nearly as many. */
final readonly class Mirror implements Sight
{
    public function __construct(public int $a, public int $b, public bool $near)
    {
    }

    public function picture(): Picture
    {
        return Picture::Mirror;
    }
}
