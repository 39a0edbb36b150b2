<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Sight;

use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Sight;

/** Hundreds, tens and ones; to build with, or to read; a card with what is to come or go. */
final readonly class Bundles implements Sight
{
    public function __construct(public int $hundreds, public int $tens, public int $ones, public bool $build = false, public ?int $change = null)
    {
    }

    public function picture(): Picture
    {
        return Picture::Bundles;
    }
}
