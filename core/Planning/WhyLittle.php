<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

/** Why a child has nothing today, or less than half of their minutes. */
enum WhyLittle: string
{
    /** Asleep whenever the parent can be there. */
    case Asleep = 'asleep';
    /** All that is ready rests, is known, or waits for something else. */
    case NothingReady = 'nothing-ready';
    /** None of the games the house knows serves what is ready, and no new one may come today. */
    case NoGame = 'no-game';
    /** No time at the table is long enough. */
    case NoTime = 'no-time';
    /** The house has not the things, or not such as are safe for everyone in reach. */
    case NoThings = 'no-things';
    /** Time, hands or breaks are taken by what is planned. */
    case Full = 'full';
    /** It could be laid out, but that would cost more than it brings. */
    case NotWorthIt = 'not-worth-it';
}
