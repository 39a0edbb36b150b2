<?php

declare(strict_types=1);

namespace Pindle\Core\Drawing;

/** A straight line. */
final readonly class Line implements Mark
{
    public function __construct(public float $fromX, public float $fromY, public float $toX, public float $toY, public Paint $paint)
    {
    }
}
