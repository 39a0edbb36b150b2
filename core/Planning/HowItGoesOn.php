<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

/** What becomes of a set-up when someone wakes in the middle of it. */
enum HowItGoesOn: string
{
    case AsItIs = 'as-it-is';
    case ByVoice = 'by-voice';
    case Stops = 'stops';
}
