<?php

declare(strict_types=1);

namespace Pindle\Core\Child;

/** The route over the ten: fill the ten first, or take a five out of each number. */
enum AcrossTen: string
{
    case FillTen = 'fill-ten';
    case ThroughFives = 'through-fives';
}
