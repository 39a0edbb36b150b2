<?php

declare(strict_types=1);

namespace Pindle\Core\Advice;

/** How a sitting ended. Having had enough teaches about length and liking and is never held against the step. */
enum Ending: string
{
    case Done = 'done';
    case HadEnough = 'had-enough';
    case AskedForMore = 'asked-for-more';
}
