<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Jobs;

enum JobState: string
{
    case Waiting = 'waiting';
    case Running = 'running';
    case Done = 'done';
    case Failed = 'failed';
}
