<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Database;

use Doctrine\DBAL\Exception\DriverException;
use Pindle\App\Platform\NotWritten;

/** Why nothing can be written down now. What is there can still be read. */
enum CannotWrite: string
{
    case Full = 'The disk is full. Nothing was written down, and nothing was lost; make room on it and try again.';
    case ReadOnly = 'The household\'s folder can only be read. Nothing was written down, and nothing was lost; allow writing to it and try again.';
    case Broken = 'The disk does not answer. Nothing was written down; look whether it is still there.';

    /** Null when an error is about something else. The numbers are SQLite's result codes. */
    public static function because(\Throwable $error): ?self
    {
        // What fails afterwards, such as rolling back what SQLite rolled back by itself, comes first in the chain.
        for (; null !== $error; $error = $error->getPrevious()) {
            if ($error instanceof NotWritten) {
                return $error->why;
            }
            $why = $error instanceof DriverException ? match ($error->getCode() & 0xFF) {
                13 => self::Full,
                8 => self::ReadOnly,
                10, 14 => self::Broken,
                default => null,
            } : null;
            if (null !== $why) {
                return $why;
            }
        }

        return null;
    }
}
