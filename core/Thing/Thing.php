<?php

declare(strict_types=1);

namespace Pindle\Core\Thing;

/** A kind of thing in the house and how many there are. Its amount is 0 or more. */
final readonly class Thing
{
    /**
     * @param string       $name      as counted, for example "corks"
     * @param string       $single    one of them, for example "cork"
     * @param Size|null    $size      null when nobody has measured it
     * @param list<string> $traits    what cautions ask about, for example "mouth-sized" or "string"
     * @param list<string> $allergens for example "wheat"
     * @param string       $glyph     which drawing stands for it
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $single,
        public int $amount,
        public ?Size $size = null,
        public Shape $shape = Shape::Unknown,
        public array $traits = [],
        public array $allergens = [],
        public string $glyph = 'counter',
    ) {
    }

    /** The longest side in millimetres; 30 where nobody has measured it, so that it can still be drawn. */
    public function longSide(): float
    {
        return $this->size->long ?? 30.0;
    }
}
