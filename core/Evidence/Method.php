<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

/** How a child got there: an optional tap. */
enum Method: string
{
    case SawIt = 'saw-it';
    case CountedOn = 'counted-on';
    case CountedAll = 'counted-all';
    case ThroughTen = 'through-ten';
    case ThroughFives = 'through-fives';
    case DrewIt = 'drew-it';
    case Fingers = 'fingers';
    case KnownFact = 'known-fact';
}
