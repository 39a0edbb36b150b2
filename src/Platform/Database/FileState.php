<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Database;

/** How the file with the household's data is found at the start. */
enum FileState
{
    /** Nothing is there, and nothing ever was: a new household begins. */
    case None;
    case Fine;
    case Missing;
    case Empty;
    case Damaged;
    case Newer;
    case ReadOnly;

    /** Whether Pindle may open it. */
    public function opens(): bool
    {
        return self::None === $this || self::Fine === $this || self::ReadOnly === $this;
    }
}
