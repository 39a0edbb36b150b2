<?php

declare(strict_types=1);

namespace Pindle\App\Platform\View;

/** One thing in a picture, in millimetres about its middle. */
final readonly class ItemView
{
    public function __construct(
        public string $kind,
        public float $x,
        public float $y,
        public float $width,
        public float $height,
        public ?string $glyph,
        public ?string $label,
        public bool $faint,
    ) {
    }
}
