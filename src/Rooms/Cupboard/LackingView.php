<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Cupboard;

/** An activity that cannot be laid out now, and the nearest way out. */
final readonly class LackingView
{
    public function __construct(public string $activityId, public string $name, public string $lacks)
    {
    }
}
