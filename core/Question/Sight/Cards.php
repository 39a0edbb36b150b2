<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Sight;

use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Sight;

/** Cards in a line; an empty one is a gap. Mixed where their order must not tell. */
final readonly class Cards implements Sight
{
    /** @param list<string> $labels */
    public function __construct(public array $labels, public bool $mixed = false)
    {
    }

    public function picture(): Picture
    {
        return Picture::Cards;
    }
}
