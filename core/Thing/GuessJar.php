<?php

declare(strict_types=1);

namespace Pindle\Core\Thing;

/** How many of a thing a pot holds when they are poured in. */
final class GuessJar
{
    /** Share of the pot that loose roundish things fill, and long or flat ones (random loose packing, about 0.55 to 0.64 by shape). */
    private const ROUNDISH = 0.60;
    private const LONG_OR_FLAT = 0.55;

    /** Longer than so many times its shortest side, a thing counts as long or flat. */
    private const LONG_FROM = 2.0;

    /**
     * A pot of 500 ml and balls of 25 mm: 0.60 · 500 000 ÷ (π/6 · 25³) = 36.
     *
     * @param float $millilitres of the pot
     */
    public static function holds(float $millilitres, Size $size): int
    {
        $volume = \M_PI / 6 * $size->short * $size->middle * $size->long;
        $fill = $size->long > self::LONG_FROM * $size->short ? self::LONG_OR_FLAT : self::ROUNDISH;

        return (int) floor($fill * $millilitres * 1000 / $volume);
    }
}
