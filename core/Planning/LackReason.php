<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

/** What keeps the nearest thing from doing. */
enum LackReason: string
{
    /** Nothing that can do what is done with it. */
    case CannotDo = 'cannot-do';
    /** Nothing at all. */
    case Nothing = 'nothing';
    /** Not enough of it. */
    case TooFew = 'too-few';
    /** Too big for the frame or the pot. */
    case TooBig = 'too-big';
    /** Too small for it. */
    case TooSmall = 'too-small';
    /** The numbers want more than anyone counts out. */
    case TooMany = 'too-many';
    /** Blocked by a caution for someone in reach. */
    case Unsafe = 'unsafe';
    /** Too uneven or too light for a balance. */
    case Uneven = 'uneven';
    /** No second kind that is clearly different. */
    case NoOther = 'no-other';
    /** Wants the parent there all the time, while a little one is about. */
    case WantsParent = 'wants-parent';
    /** A prop, or the activity itself, is blocked by a caution. */
    case PropUnsafe = 'prop-unsafe';
}
