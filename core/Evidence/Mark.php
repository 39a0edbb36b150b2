<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

/** The one word a parent sees for a step. */
enum Mark: string
{
    case Fresh = 'new';
    case Trying = 'trying';
    case Steady = 'steady';
    case Secure = 'secure';
    case LookAgain = 'look-again';

    /** Whether it was found secure, and may only have to be looked at again. */
    public function wasSecured(): bool
    {
        return self::Secure === $this || self::LookAgain === $this;
    }

    /** Whether what builds on it can begin. */
    public function isGround(): bool
    {
        return self::Steady === $this || $this->wasSecured();
    }
}
