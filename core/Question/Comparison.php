<?php

declare(strict_types=1);

namespace Pindle\Core\Question;

/** How one amount stands to another. */
enum Comparison: string
{
    case More = 'more';
    case Fewer = 'fewer';
    case Same = 'same';

    public static function of(int $a, int $b): self
    {
        return $a === $b ? self::Same : ($a > $b ? self::More : self::Fewer);
    }
}
