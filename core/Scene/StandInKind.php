<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

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

    /** @return non-empty-list<int> the sizes it comes in on its own: places, the last number, how many things */
    public function sizes(): array
    {
        return match ($this) {
            self::Dice => [6],
            self::Frame, self::Countdown => [5, 10, 20],
            self::Line => [10, 20, 100],
            self::Balance => [StandIn::MASSES],
            self::Spinner, self::Sign => [5, 10, 20],
            self::Cup, self::Bond, self::Stairs => [5, 10],
            self::Beads => [10],
        };
    }
}
