<?php

declare(strict_types=1);

namespace Pindle\Core\Drawing;

/** A circle or an oval about its middle. */
final readonly class Oval implements Mark
{
    public function __construct(public float $x, public float $y, public float $width, public float $height, public Paint $paint)
    {
    }
}
