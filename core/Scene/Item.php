<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

/** One thing in a picture: its middle and its width and height, in millimetres from the upper left corner. */
final readonly class Item
{
    /**
     * @param string|null $glyph drawing of a thing
     * @param string|null $label a numeral or sign written on it
     * @param bool        $faint drawn as an outline: taken away, still to come, or for showing only
     */
    public function __construct(
        public ItemKind $kind,
        public float $x,
        public float $y,
        public float $width,
        public float $height,
        public ?string $glyph = null,
        public ?string $label = null,
        public bool $faint = false,
    ) {
    }
}
