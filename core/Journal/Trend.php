<?php

declare(strict_types=1);

namespace Pindle\Core\Journal;

/** Whether guesses come closer to what is counted. */
enum Trend: string
{
    case TooFew = 'too-few';
    case Closing = 'closing';
    case Steady = 'steady';
    case Opening = 'opening';
}
