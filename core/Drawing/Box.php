<?php

declare(strict_types=1);

namespace Pindle\Core\Drawing;

/** A box about its middle, its corners rounded by so many millimetres. */
final readonly class Box implements Mark
{
    public function __construct(public float $x, public float $y, public float $width, public float $height, public float $corner, public Paint $paint)
    {
    }
}
