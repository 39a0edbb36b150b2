<?php

declare(strict_types=1);

namespace Pindle\Bench;

/** How the step of a sitting is chosen. */
enum Way: string
{
    case Pindle = 'Pindle';
    case MapOrder = 'map order, one perfect sitting';
    case RandomReady = 'random ready step';

    /** These two see what is hidden; nobody can do that. */
    case SeesGain = 'sees the true state: most gained at once';
    case SeesWorth = "sees the true state: Pindle's own value";

    public function seesTruth(): bool
    {
        return self::SeesGain === $this || self::SeesWorth === $this;
    }
}
