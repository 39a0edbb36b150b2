<?php

declare(strict_types=1);

namespace Pindle\Core\Advice;

/** What was just seen that calls for advice. */
enum Cause: string
{
    case TwoNotYet = 'two-not-yet';
    case ThreeNotYet = 'three-not-yet';
    case ThreeAtOnce = 'three-at-once';
    case OnFingers = 'on-fingers';
}
