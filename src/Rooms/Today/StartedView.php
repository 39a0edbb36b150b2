<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

/** Something to begin at once. */
final readonly class StartedView
{
    public function __construct(public string $setUpId)
    {
    }
}
