<?php

declare(strict_types=1);

namespace Pindle\Core\Child;

/** Where the whole stands in a drawn bond. */
enum WholeInBond: string
{
    case AtTop = 'at-top';
    case AtLeft = 'at-left';
}
