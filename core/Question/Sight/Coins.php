<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Sight;

use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Sight;

/** A price and coins to pay it with; or one coin to be named. */
final readonly class Coins implements Sight
{
    public function __construct(public int $n, public bool $oneKind, public bool $named = false)
    {
    }

    public function picture(): Picture
    {
        return Picture::Coins;
    }
}
