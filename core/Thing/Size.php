<?php

declare(strict_types=1);

namespace Pindle\Core\Thing;

/** The three sides of a thing in millimetres, shortest first; each above 0 and at most 3000. */
final readonly class Size
{
    private function __construct(public float $short, public float $middle, public float $long)
    {
    }

    /** @throws InvalidSize when a side is not between 0 and 3000 mm */
    public static function of(float $a, float $b, float $c): self
    {
        foreach ([$a, $b, $c] as $side) {
            if (!($side > 0 && $side <= 3000)) {
                throw InvalidSize::side($side);
            }
        }
        $sides = [$a, $b, $c];
        sort($sides);

        return new self(...$sides);
    }
}
