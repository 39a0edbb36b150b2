<?php

declare(strict_types=1);

namespace Pindle\Core\Advice;

/** Which evidence a decision stands on. */
enum DecisionReason: string
{
    case BecameCanDo = 'became-can-do';
    case HadEnough = 'had-enough';
    case ThreeNotYet = 'three-not-yet';
    case BecameNearly = 'became-nearly';
    case NotMoving = 'not-moving';
    case MetOften = 'met-often';
    case LookPassed = 'look-passed';
    case UnderHalf = 'under-half';
    case LastFiveUnaided = 'last-five-unaided';
    case StillMixed = 'still-mixed';
    case OnFingers = 'on-fingers';
    case ClosedAllAlone = 'closed-all-alone';
    case ClosedMostlyAlone = 'closed-mostly-alone';
    case ClosedWithHelp = 'closed-with-help';
    case ClosedNotYet = 'closed-not-yet';
    case NothingTried = 'nothing-tried';
    case ParentChose = 'parent-chose';
}
