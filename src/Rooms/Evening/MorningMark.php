<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Evening;

use Pindle\Core\Evidence\ClosingMark;

/** What the parent says the morning after: one mark for the whole sitting, or that it did not happen. */
enum MorningMark: string
{
    case AllAlone = 'all-alone';
    case MostlyAlone = 'mostly-alone';
    case MostlyWithMe = 'mostly-with-me';
    case NotYet = 'not-yet';
    case DidNotHappen = 'did-not-happen';

    /** Null where nothing was seen. */
    public function closing(): ?ClosingMark
    {
        return ClosingMark::tryFrom($this->value);
    }
}
