<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Week;

/** When a child is away. */
final readonly class AwayView
{
    public function __construct(public string $childId, public string $name, public string $from, public string $to)
    {
    }
}
