<?php

declare(strict_types=1);

namespace Pindle\Core\Question;

/** How things were moved while their amount stayed. */
enum Moved: string
{
    case Spread = 'spread';
    case Bunched = 'bunched';
    case Turned = 'turned';
}
