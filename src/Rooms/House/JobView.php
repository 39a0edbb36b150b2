<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\House;

use Pindle\App\Platform\Jobs\JobState;

/** How far a piece of long work is. */
final readonly class JobView
{
    public function __construct(public string $id, public JobState $state, public int $step, public int $steps, public string $said)
    {
    }
}
