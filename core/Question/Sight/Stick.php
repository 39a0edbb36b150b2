<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Sight;

use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Sight;

/** A stick of joined things, whole, or snapped so that one piece is seen and the other hidden. */
final readonly class Stick implements Sight
{
    /** @param int|null $seen how long the piece is that is seen; null for the whole stick */
    public function __construct(public int $n, public ?int $seen)
    {
    }

    public function picture(): Picture
    {
        return Picture::Stick;
    }
}
