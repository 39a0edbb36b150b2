<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

/** The one word a parent sees for a step. */
enum Mark: string
{
    case Fresh = 'new';
    case Trying = 'trying';
    case Steady = 'steady';
    case Secure = 'secure';
    case LookAgain = 'look-again';
}
