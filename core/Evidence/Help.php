<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

/** How much of a question the parent does first. Help fades in this order. */
enum Help: string
{
    case Shown = 'shown';
    case PartDone = 'part-done';
    case Bare = 'bare';

    public function less(): self
    {
        return self::Shown === $this ? self::PartDone : self::Bare;
    }

    public function more(): self
    {
        return self::Bare === $this ? self::PartDone : self::Shown;
    }
}
