<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Sight;

use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Sight;

/** A row with a front; one of it marked where its place is asked. */
final readonly class Marked implements Sight
{
    public function __construct(public int $n, public ?int $marked)
    {
    }

    public function picture(): Picture
    {
        return Picture::Marked;
    }
}
