<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Evening;

use Pindle\Core\Evidence\Outcome;

/** One mark for a whole sitting, the morning after. Until it has a weight of its own it is kept as a witness note. */
enum ClosingMark: string
{
    case AllAlone = 'all-alone';
    case MostlyAlone = 'mostly-alone';
    case MostlyWithMe = 'mostly-with-me';
    case NotYet = 'not-yet';
    case DidNotHappen = 'did-not-happen';

    /** Null where nothing was seen. */
    public function outcome(): ?Outcome
    {
        return match ($this) {
            self::AllAlone => Outcome::AtOnce,
            self::MostlyAlone => Outcome::WorkedItOut,
            self::MostlyWithMe => Outcome::WithHelp,
            self::NotYet => Outcome::NotYet,
            self::DidNotHappen => null,
        };
    }
}
