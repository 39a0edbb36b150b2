<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

/** What can be wrong with a day plan. */
enum Problem: string
{
    case OutsideWindows = 'outside-windows';
    case ParentTwice = 'parent-twice';
    case ParentElsewhere = 'parent-elsewhere';
    case NoBreak = 'no-break';
    case SitsTooLong = 'sits-too-long';
    case TooMuchInADay = 'too-much-in-a-day';
    case NotAwake = 'not-awake';
    case LeftAlone = 'left-alone';
    case BesideTooLong = 'beside-too-long';
    case MoreThanThereIs = 'more-than-there-is';
    case Unsafe = 'unsafe';
    case WithoutParent = 'without-parent';
    case TooYoung = 'too-young';
    case NotReady = 'not-ready';
    case PartLowered = 'part-lowered';
    case KeptWasTouched = 'kept-was-touched';
    case WrongForm = 'wrong-form';
    case PlaceNotToday = 'place-not-today';
    case TooNoisy = 'too-noisy';
    case NotTogether = 'not-together';
    case TooShort = 'too-short';
    case PropTwice = 'prop-twice';
    case TooManyNew = 'too-many-new';
    case ParentNotThere = 'parent-not-there';
    case WrongThread = 'wrong-thread';
}
