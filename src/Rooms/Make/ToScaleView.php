<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Make;

/** A thing that a sheet can be drawn to. */
final readonly class ToScaleView
{
    /**
     * @param float|null $millimetres its longest side; null where nobody measured it
     * @param float      $usual       its longest side, or what is usual for a thing of that name
     */
    public function __construct(public string $id, public string $name, public ?float $millimetres, public float $usual)
    {
    }
}
