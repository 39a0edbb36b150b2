<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

/** An activity the parent asked for today. */
final readonly class WishView
{
    public function __construct(public string $activityId, public string $name)
    {
    }
}
