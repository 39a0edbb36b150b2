<?php

declare(strict_types=1);

namespace Pindle\Core\Caution;

/** Whether a thing is kept off the table or comes with a word of care. */
enum Severity: string
{
    case Block = 'block';
    case Warn = 'warn';
}
