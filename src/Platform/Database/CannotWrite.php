<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Database;

use Doctrine\DBAL\Exception\DriverException;
use Pindle\App\Platform\NotWritten;

/** Why nothing can be written down now. What is there can still be read. */
enum CannotWrite: string
{
    case Full = 'The disk is full. Nothing was written down, and nothing was lost; make room on it and try again.';
    case ReadOnly = 'The household can only be read: its folder is closed to writing, or its disk is full. Nothing was written down, and nothing was lost.';
    case Broken = 'The disk does not answer, or is full. Nothing was written down, and nothing was lost; look whether it is still there.';

    /** Null when an error is about something else. The numbers are SQLite's result codes. */
    public static function because(\Throwable $error): ?self
    {
        // What fails afterwards, such as rolling back what SQLite rolled back by itself, comes first in the chain.
        for (; null !== $error; $error = $error->getPrevious()) {
            if ($error instanceof NotWritten) {
                return $error->why;
            }
            $code = match (true) {
                $error instanceof DriverException => $error->getCode(),
                $error instanceof \PDOException => $error->errorInfo[1] ?? null,
                default => null,
            };
            $why = \is_int($code) ? self::ofCode($code) : null;
            if (null !== $why) {
                return $why;
            }
        }

        return null;
    }

    /** @param int $code of SQLite; its low byte says of what kind it is */
    public static function ofCode(int $code): ?self
    {
        return match ($code & 0xFF) {
            13 => self::Full,
            8 => self::ReadOnly,
            10, 14 => self::Broken,
            default => null,
        };
    }
}
