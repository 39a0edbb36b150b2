<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Table;

use Pindle\Core\Advice\Ending;

/** How a set-up ended. */
final readonly class FinishInput
{
    public function __construct(public Ending $ending)
    {
    }
}
