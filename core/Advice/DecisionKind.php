<?php

declare(strict_types=1);

namespace Pindle\Core\Advice;

/** What to do with a step after a sitting. */
enum DecisionKind: string
{
    case MoveOn = 'move-on';
    case RestIt = 'rest-it';
    case Easier = 'easier';
    case Further = 'further';
    case Again = 'again';
}
