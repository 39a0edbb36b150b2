<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Sight;

use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Sight;

/** Two bowls; under them the sentence they tell, where it is laid. */
final readonly class Bowls implements Sight
{
    public function __construct(public int $a, public int $b, public bool $sentence = false)
    {
    }

    public function picture(): Picture
    {
        return Picture::Bowls;
    }
}
