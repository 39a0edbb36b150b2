<?php

declare(strict_types=1);

namespace Pindle\Core\Child;

/** How numerals are named: a lesson of three small parts, or a little at a time and often. */
enum NamingNumerals: string
{
    case ThreeParts = 'three-parts';
    case LittleAndOften = 'little-and-often';
}
