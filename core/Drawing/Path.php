<?php

declare(strict_types=1);

namespace Pindle\Core\Drawing;

/** A path in units of its own, moved to a place and made larger or smaller. The paint's width is in its own units too. */
final readonly class Path implements Mark
{
    /**
     * @param string $d     as in SVG
     * @param float  $scale millimetres for one of its units, above 0
     * @param float  $turn  degrees clockwise about its own origin
     * @param bool   $flip  whether left and right are changed over
     *
     * @throws InvalidDrawing when the scale is 0 or less
     */
    public function __construct(
        public string $d,
        public Paint $paint,
        public float $x = 0.0,
        public float $y = 0.0,
        public float $scale = 1.0,
        public float $turn = 0.0,
        public bool $flip = false,
    ) {
        if ($scale <= 0.0) {
            throw InvalidDrawing::scale($scale);
        }
    }
}
