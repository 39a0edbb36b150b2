<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Evening;

use Pindle\Core\Evidence\Outcome;

/** How often a parent has seen a child do something, from memory. */
enum Seen: string
{
    case Often = 'often';
    case Sometimes = 'sometimes';
    case NotYet = 'not-yet';
    case NotSure = 'not-sure';

    /** What it says, weighed like an answer of a first look; null where it says nothing. */
    public function outcome(): ?Outcome
    {
        return match ($this) {
            self::Often => Outcome::WorkedItOut,
            self::Sometimes => Outcome::WithHelp,
            self::NotYet => Outcome::NotYet,
            self::NotSure => null,
        };
    }
}
