<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Week;

/** What a step is to a child on a day to come. */
enum Likely: string
{
    case BrandNew = 'new';
    case Look = 'look';
    case GoesOn = 'goes-on';
}
