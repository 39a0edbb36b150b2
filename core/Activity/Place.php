<?php

declare(strict_types=1);

namespace Pindle\Core\Activity;

/** Where an activity can be done. Anywhere means with nothing to lay out. */
enum Place: string
{
    case Table = 'table';
    /** A table out of the reach of a crawler, as the parent says; it is lowered for nobody and no baby sits at it. */
    case HighTable = 'high-table';
    case Floor = 'floor';
    case Outdoors = 'outdoors';
    case Anywhere = 'anywhere';
}
