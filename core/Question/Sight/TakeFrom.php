<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Sight;

use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Sight;

/** A plate from which some go into a bowl; under it the sentence, where it is laid. */
final readonly class TakeFrom implements Sight
{
    public function __construct(public int $n, public int $gone, public bool $sentence = false)
    {
    }

    public function picture(): Picture
    {
        return Picture::TakeFrom;
    }
}
