<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Make;

/** A thing that a sheet can be drawn to. */
final readonly class ToScaleView
{
    /** @param float $millimetres its longest side */
    public function __construct(public string $id, public string $name, public float $millimetres)
    {
    }
}
