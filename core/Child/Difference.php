<?php

declare(strict_types=1);

namespace Pindle\Core\Child;

/** Which route to a difference comes first. */
enum Difference: string
{
    case TakeAwayFirst = 'take-away-first';
    case CountUpFirst = 'count-up-first';
}
