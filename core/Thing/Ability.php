<?php

declare(strict_types=1);

namespace Pindle\Core\Thing;

/** What a thing can do on a table. A lay-out asks for it: a staircase wants things that stack, a stick things that join. */
enum Ability: string
{
    /** Three or more stand on one another. */
    case Stacks = 'stacks';
    /** They join to a stick that can be snapped. */
    case Joins = 'joins';
    /** It holds on to an edge or a line by itself. */
    case Clips = 'clips';
    /** It goes on a string or a rod, or hangs from it. */
    case Threads = 'threads';
    /** It stands up, as a figure does. */
    case Stands = 'stands';
    /** It stays where it is put: it does not roll off a strip or a frame. */
    case LiesStill = 'lies-still';
    /** Laid end to end it makes a straight line without gaps. */
    case LinesUp = 'lines-up';
    /** It lands on one of two sides that look different. */
    case TwoSided = 'two-sided';
    /** A thumb presses it flat. */
    case PressedFlat = 'pressed-flat';
    /** It hides a numeral or a spot under it. */
    case Covers = 'covers';
    /** Others go inside. */
    case Holds = 'holds';
    /** It is heard when it drops. */
    case Sounds = 'sounds';
    case Edible = 'edible';
    case Floats = 'floats';

    /**
     * What a thing of a shape can usually do, where nobody has said.
     *
     * @return list<self>
     */
    public static function usual(Shape $shape): array
    {
        return match ($shape) {
            Shape::Block => [self::Stacks, self::LiesStill, self::LinesUp],
            Shape::Disc => [self::LiesStill, self::Covers],
            Shape::Tube => [self::Stands, self::LiesStill],
            Shape::Ring => [self::Threads, self::LiesStill],
            Shape::Long => [self::LiesStill, self::LinesUp],
            Shape::Soft, Shape::Unknown => [self::LiesStill],
            Shape::Ball, Shape::Egg => [],
        };
    }

    /** Whether a thing of a shape can not do this, whoever says so: a ball neither stays nor bears another. */
    public function isAgainst(Shape $shape): bool
    {
        return match ($shape) {
            Shape::Ball => \in_array($this, [self::Stacks, self::LiesStill, self::Stands, self::LinesUp, self::TwoSided], true),
            Shape::Egg => \in_array($this, [self::Stacks, self::LinesUp], true),
            default => false,
        };
    }
}
