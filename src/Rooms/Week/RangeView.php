<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Week;

/** Days from one to another, both included. */
final readonly class RangeView
{
    public function __construct(public string $from, public string $to)
    {
    }
}
