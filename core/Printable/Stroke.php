<?php

declare(strict_types=1);

namespace Pindle\Core\Printable;

use Pindle\Core\Drawing\Paint;

/** The lines of a sheet: what is cut along is thicker than what is filled, what is folded is dashed. */
final class Stroke
{
    /** In millimetres. */
    public const CUT = 0.6;
    public const FILL = 0.35;
    public const FINE = 0.2;
    public const BOLD = 1.4;

    public static function cut(): Paint
    {
        return new Paint(null, 'ink', self::CUT);
    }

    public static function bold(): Paint
    {
        return new Paint(null, 'ink', self::BOLD);
    }

    public static function fill(): Paint
    {
        return new Paint(null, 'ink', self::FILL);
    }

    public static function fine(): Paint
    {
        return new Paint(null, 'ink', self::FINE);
    }

    public static function fold(): Paint
    {
        return new Paint(null, 'ink', self::FILL, true);
    }

    /** A surface: told by its outline alone where ink is saved. */
    public static function surface(bool $savesInk, string $ink = 'hem'): Paint
    {
        return new Paint($savesInk ? null : $ink, 'ink', self::FILL);
    }
}
