<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Week;

/** Why a day is used as it is. */
enum Why: string
{
    case Usual = 'usual';
    case Once = 'once';
    case Holiday = 'holiday';
    /** Its hours were changed in Today. */
    case Today = 'today';
}
