<?php

declare(strict_types=1);

namespace Pindle\App\Today;

/** A set-up is planned, then begun with its first try, then done. */
enum SetUpState: string
{
    case Planned = 'planned';
    case Begun = 'begun';
    case Done = 'done';
}
