<?php

declare(strict_types=1);

namespace Pindle\App\Plan;

/** How far a set-up got. Begun is not stored: a set-up is begun when something was seen in it. */
enum SetUpState: string
{
    case Planned = 'planned';
    case Begun = 'begun';
    case Done = 'done';

    /** Not in the plan any more; a device may still show it for some days. */
    case Dropped = 'dropped';
}
