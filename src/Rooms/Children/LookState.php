<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Children;

/** Where a first look stands. */
enum LookState: string
{
    case None = 'none';
    case Open = 'open';
    case EnoughToday = 'enough-today';
    case Over = 'over';
}
