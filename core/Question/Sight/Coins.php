<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Sight;

use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Sight;

/** A price and coins to pay it with. */
final readonly class Coins implements Sight
{
    public function __construct(public int $n, public bool $oneKind)
    {
    }

    public function picture(): Picture
    {
        return Picture::Coins;
    }
}
