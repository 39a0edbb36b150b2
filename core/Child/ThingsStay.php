<?php

declare(strict_types=1);

namespace Pindle\Core\Child;

/** How long a child stays with one form before the next. */
enum ThingsStay: string
{
    case Usual = 'usual';
    case Early = 'early';
    case Long = 'long';
}
