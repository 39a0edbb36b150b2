<?php

declare(strict_types=1);

namespace Pindle\Core\Printable;

/** How it stands with something that is made once and kept. */
enum MadeState: string
{
    case Made = 'made';
    /** Some of it is still to be cut out or glued. */
    case HalfMade = 'half-made';
    /** To be made again. */
    case WornOut = 'worn-out';
}
