<?php

declare(strict_types=1);

namespace Pindle\Core\Thing;

/** The smallest circle that holds so many round things side by side. */
final class BondCircle
{
    /** Finger room between things in millimetres. */
    public const FINGER_ROOM = 3.0;

    /**
     * Radius of the circle ÷ radius of the thing, for 1 to 20 things: best known packings of equal circles in a circle
     * (proven to 13 by Graham 1968, Pirl 1969, Melissen 1994, Fodor 1999–2003 and others).
     */
    private const RATIOS = [
        1.0, 2.0, 2.1547, 2.4142, 2.7013, 3.0, 3.0, 3.3048, 3.6131, 3.8130, 3.9238, 4.0296, 4.2361, 4.3284, 4.5214, 4.6154,
        4.7920, 4.8637, 4.8637, 5.1223,
    ];

    /**
     * Width of the circle in millimetres. Ten caps of 25 mm: 2 · 14 · 3.8130 = 106.8 mm.
     *
     * @param int   $count 1 to 20
     * @param float $wide  longest side of one thing in millimetres
     *
     * @throws TooMany when there are more than 20, or none
     */
    public static function width(int $count, float $wide): float
    {
        $ratio = self::RATIOS[$count - 1] ?? throw TooMany::inACircle($count);

        return ($wide + self::FINGER_ROOM) * $ratio;
    }
}
