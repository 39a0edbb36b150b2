<?php

declare(strict_types=1);

namespace Pindle\Core\Advice;

/** When an idea is one, besides its cause. */
enum When: string
{
    case Always = 'always';
    /** More help could be given. */
    case HelpIsLeft = 'help-is-left';
    /** All help was given. */
    case HelpIsSpent = 'help-is-spent';
    /** What slipped was said, and it is this. */
    case Slipped = 'slipped';
    /** A question made beforehand for it is left. */
    case SpareIsLeft = 'spare-is-left';
}
