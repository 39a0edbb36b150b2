<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Sight;

use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Shape;
use Pindle\Core\Question\Sight;

/** One shape. */
final readonly class OneShape implements Sight
{
    public function __construct(public Shape $shape)
    {
    }

    public function picture(): Picture
    {
        return Picture::Shape;
    }
}
