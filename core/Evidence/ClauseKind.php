<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

/** The parts of the secure rule. */
enum ClauseKind: string
{
    case Unaided = 'unaided';
    case Days = 'days';
    case WeekApart = 'week-apart';
    case Activities = 'activities';
    case ThingsUsed = 'things-used';
    case Open = 'open';
    case AtOnce = 'at-once';
    case LastForm = 'last-form';
    case Belief = 'belief';
    case GuessError = 'guess-error';
}
