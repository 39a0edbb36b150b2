<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Evening;

/** The screens of a first evening in order, and the morning after it. */
enum Screen: string
{
    case Who = 'who';
    case Things = 'things';
    case Cards = 'cards';
    case Tomorrow = 'tomorrow';
    case Done = 'done';
    case Morning = 'morning';
    case Over = 'over';

    public function before(): ?self
    {
        return match ($this) {
            self::Cards => self::Things,
            self::Tomorrow => self::Cards,
            self::Done => self::Tomorrow,
            default => null,
        };
    }
}
