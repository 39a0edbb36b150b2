<?php

declare(strict_types=1);

namespace Pindle\Core\Caution;

/** Whether a thing is never taken into the house, is kept off the table, or comes with a word of care. */
enum Severity: string
{
    case Refuse = 'refuse';
    case Block = 'block';
    case Warn = 'warn';

    public function blocks(): bool
    {
        return self::Warn !== $this;
    }
}
