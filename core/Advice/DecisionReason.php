<?php

declare(strict_types=1);

namespace Pindle\Core\Advice;

/** Which evidence a decision stands on. */
enum DecisionReason: string
{
    case BecameSecure = 'became-secure';
    case HadEnough = 'had-enough';
    case ThreeNotYet = 'three-not-yet';
    case LookPassed = 'look-passed';
    case UnderHalf = 'under-half';
    case LastFiveUnaided = 'last-five-unaided';
    case StillMixed = 'still-mixed';
    case OnFingers = 'on-fingers';
    case NothingTried = 'nothing-tried';
}
