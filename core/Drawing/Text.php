<?php

declare(strict_types=1);

namespace Pindle\Core\Drawing;

/** Words in a drawing, about their middle: a message of content with its values, so high in millimetres. */
final readonly class Text implements Mark
{
    /** @param array<string, int|string> $values */
    public function __construct(public float $x, public float $y, public float $height, public string $message, public array $values, public string $ink)
    {
    }
}
