<?php

declare(strict_types=1);

namespace Pindle\Core\Thing;

/**
 * The cell of a frame that holds one thing: its longest side and finger room.
 *
 * A frame of 2 × 5 for caps of 25 mm is 155 × 62 mm.
 */
final class FrameCell
{
    /** Room for small fingers, in millimetres. */
    public const FINGER_ROOM = 6.0;

    /** Side of the square cell in millimetres; the longest side is in millimetres too, above 0. */
    public static function side(float $longest): float
    {
        return $longest + self::FINGER_ROOM;
    }

    /**
     * Width and height in millimetres of a frame with so many columns and lines.
     *
     * @return array{float, float}
     */
    public static function frame(float $longest, int $columns, int $lines): array
    {
        return [$columns * self::side($longest), $lines * self::side($longest)];
    }

    /** The longest side in millimetres of a thing that still fits a frame of so many columns on so wide a sheet. */
    public static function largest(float $sheet, int $columns): float
    {
        return $sheet / $columns - self::FINGER_ROOM;
    }
}
