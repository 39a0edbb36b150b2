<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Lock;

/** How the household's lock is found. */
enum LockState
{
    /** There never was a passphrase, and the house was not started as one that has one. */
    case None;
    case Set;

    /** It is gone, empty, not whole, or of a release that is not known: nobody is answered until it is set anew. */
    case Unreadable;

    /** What is said at the terminal; for a stranger see Lock. */
    public const SAID = 'The lock of this house cannot be read, so nobody is let in. ./pindle passphrase sets it anew; every device signs in again.';
}
