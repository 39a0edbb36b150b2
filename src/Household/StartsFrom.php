<?php

declare(strict_types=1);

namespace Pindle\App\Household;

/** Where the beliefs come from that a child's record starts with. */
enum StartsFrom: string
{
    case Nothing = 'nothing';
    case Age = 'age';
    case Look = 'look';
}
