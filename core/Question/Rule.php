<?php

declare(strict_types=1);

namespace Pindle\Core\Question;

/** What a mix is sorted by. */
enum Rule: string
{
    case Colour = 'colour';
    case Shape = 'shape';
    case Use = 'use';
    case Home = 'home';
}
