<?php

declare(strict_types=1);

namespace Pindle\Core\Drawing;

/** A drawing in millimetres, and what it says for those who hear it: a message of content with its values. */
final readonly class Drawing
{
    /** @var list<Mark> in the order they are drawn, those of items among them */
    public array $marks;

    /** @var list<Item> what lies in it, in the order it is drawn */
    public array $items;

    /**
     * @param float                     $width  above 0
     * @param float                     $height above 0
     * @param list<Mark>                $marks  drawn in this order
     * @param array<string, int|string> $values
     *
     * @throws InvalidDrawing when a side is 0 or less
     */
    public function __construct(public float $width, public float $height, array $marks, public string $alt, public array $values = [])
    {
        if ($width <= 0.0 || $height <= 0.0) {
            throw InvalidDrawing::size($width, $height);
        }
        $this->marks = array_merge(...array_map(static fn (Mark $mark): array => $mark instanceof Item ? $mark->marks : [$mark], $marks));
        $this->items = array_values(array_filter($marks, static fn (Mark $mark): bool => $mark instanceof Item));
    }
}
