<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Week;

/** Strands in which something is ready for a child and that do not come in these days, and why. */
final readonly class WaitsView
{
    public function __construct(public string $childId, public string $child, public string $strands, public string $why)
    {
    }
}
