<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Week;

/** Things worth saving up, and for what. */
final readonly class SaveView
{
    public function __construct(public string $activityId, public string $name, public string $lacks)
    {
    }
}
