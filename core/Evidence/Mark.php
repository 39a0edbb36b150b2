<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

/** The one word a parent sees for a step. Whether a step that is Can do is worth a look is a flag beside it. */
enum Mark: string
{
    case NotMet = 'not-met';
    case Begun = 'begun';
    case Nearly = 'nearly';
    case CanDo = 'can-do';

    /** Whether what builds on it can begin. */
    public function isGround(): bool
    {
        return self::Nearly === $this || self::CanDo === $this;
    }
}
