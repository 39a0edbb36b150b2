<?php

declare(strict_types=1);

namespace Pindle\Core\Activity;

/** Where an activity can be done. Anywhere means with nothing to lay out. */
enum Place: string
{
    case Table = 'table';
    case Floor = 'floor';
    case Outdoors = 'outdoors';
    case Anywhere = 'anywhere';
}
