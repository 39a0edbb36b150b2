<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Cupboard;

/** What a line of a list of things does. */
enum LineDoes: string
{
    case Add = 'add';
    case Change = 'change';
    case Same = 'same';
    case Refused = 'refused';
}
