<?php

declare(strict_types=1);

namespace Pindle\Core\Question;

/** What a sign asks for. */
enum Sign: string
{
    case Plus = 'plus';
    case Minus = 'minus';

    public function written(): string
    {
        return self::Plus === $this ? '+' : '−';
    }
}
