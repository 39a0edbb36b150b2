<?php

declare(strict_types=1);

namespace Pindle\Core\Child;

/** The order in which the places of a frame are filled, kept the same in every picture. */
enum FrameFilling: string
{
    case RowsOfFive = 'rows-of-five';
    case Pairs = 'pairs';
    case Upright = 'upright';
}
