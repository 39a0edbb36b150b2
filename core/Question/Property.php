<?php

declare(strict_types=1);

namespace Pindle\Core\Question;

/** What things are compared or sorted by. */
enum Property: string
{
    case Length = 'length';
    case Weight = 'weight';
    case Capacity = 'capacity';
}
