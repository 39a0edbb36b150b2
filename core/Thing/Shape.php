<?php

declare(strict_types=1);

namespace Pindle\Core\Thing;

/** The rough shape of a thing, as cautions and pictures need it. Unknown may be round. */
enum Shape: string
{
    case Ball = 'ball';
    case Egg = 'egg';
    case Disc = 'disc';
    case Tube = 'tube';
    case Ring = 'ring';
    case Block = 'block';
    case Long = 'long';
    case Soft = 'soft';
    case Unknown = 'unknown';

    public function mayRoll(): bool
    {
        return \in_array($this, [self::Ball, self::Egg, self::Unknown], true);
    }
}
