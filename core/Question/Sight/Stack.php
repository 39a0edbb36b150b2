<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Sight;

use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Sight;

/** Things stacked so that some stand behind others. */
final readonly class Stack implements Sight
{
    public function __construct(public int $n)
    {
    }

    public function picture(): Picture
    {
        return Picture::Stack;
    }
}
