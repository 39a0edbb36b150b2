<?php

declare(strict_types=1);

namespace Pindle\Core\Question;

/** What a screen can stand in for when the thing itself is not at hand. */
enum StandInKind: string
{
    case Dice = 'dice';
    case Frame = 'frame';
    case Line = 'line';
    case Balance = 'balance';
    case Spinner = 'spinner';
    case Cup = 'cup';
    case Beads = 'beads';
    case Bond = 'bond';
    case Sign = 'sign';
    case Stairs = 'stairs';
    case Countdown = 'countdown';
}
