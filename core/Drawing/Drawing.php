<?php

declare(strict_types=1);

namespace Pindle\Core\Drawing;

/** A drawing in millimetres, and what it says for those who hear it: a message of content with its values. */
final readonly class Drawing
{
    /**
     * @param float                     $width  above 0
     * @param float                     $height above 0
     * @param list<Mark>                $marks  drawn in this order
     * @param array<string, int|string> $values
     *
     * @throws InvalidDrawing when a side is 0 or less
     */
    public function __construct(public float $width, public float $height, public array $marks, public string $alt, public array $values = [])
    {
        if ($width <= 0.0 || $height <= 0.0) {
            throw InvalidDrawing::size($width, $height);
        }
    }
}
