<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Sight;

use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Sight;

/** A box to cover with the amount its card says; or covered, with the card to be found. */
final readonly class Boxes implements Sight
{
    public function __construct(public int $n, public bool $covered = false)
    {
    }

    public function picture(): Picture
    {
        return Picture::Boxes;
    }
}
