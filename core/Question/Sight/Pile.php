<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Sight;

use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Sight;

/** A pile with more than is wanted, and an empty plate; the number on a card where that is what is asked. */
final readonly class Pile implements Sight
{
    public function __construct(public int $n, public bool $card = false)
    {
    }

    public function picture(): Picture
    {
        return Picture::Pile;
    }
}
