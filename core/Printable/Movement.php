<?php

declare(strict_types=1);

namespace Pindle\Core\Printable;

use Pindle\Core\Drawing\Hand;
use Pindle\Core\Drawing\Mark;
use Pindle\Core\Drawing\Text;

/** What is done and counted. Each has a glyph of its name in content and a word. */
enum Movement: string
{
    case Hop = 'hop';
    case Clap = 'clap';
    case Stamp = 'stamp';
    case Knock = 'knock';
    case Turn = 'turn';
    case Reach = 'reach';
    case Nod = 'nod';
    case Blink = 'blink';

    /** @return list<self> six of them: all to be heard, or the last two without a sound */
    public static function of(Variant $variant): array
    {
        return Variant::SilentMovements === $variant
            ? [self::Hop, self::Clap, self::Stamp, self::Knock, self::Nod, self::Blink]
            : [self::Hop, self::Clap, self::Stamp, self::Knock, self::Turn, self::Reach];
    }

    /** @return list<Mark> about a middle, its picture so high in millimetres, its word below */
    public function drawn(Hand $hand, float $x, float $y, float $high): array
    {
        $small = 0.13 * $high;

        return [
            ...$hand->glyph('move-'.$this->value)->at($x, $y - 0.12 * $high, 0.8 * $high),
            new Text($x, $y + 0.4 * $high, $small, 'movement', ['movement' => $this->value], 'ink'),
        ];
    }
}
