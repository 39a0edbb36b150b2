<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Map;

/** What sort of evidence it is. */
enum SeenKind: string
{
    case Attempt = 'attempt';
    case Closing = 'closing';
    case Witness = 'witness';
    case HandMark = 'hand-mark';
}
