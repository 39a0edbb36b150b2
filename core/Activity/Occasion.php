<?php

declare(strict_types=1);

namespace Pindle\Core\Activity;

/** What an activity is good for besides a sitting: so that it frees the parent, or takes nothing at all. */
enum Occasion: string
{
    /** On a tray, done and checked alone by a child of five to eight. */
    case Tray = 'tray';
    /** In the middle of daily life, without anything set up. */
    case Moment = 'moment';
    /** Spoken, or with free hands: while the parent's arms are full. */
    case ArmsFull = 'arms-full';
}
