<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

/** Why a strand in which something is ready does not come in these days. What stands nearest to its coming is last. */
enum WhyWaits: string
{
    /** All that is ready in it rests until later. */
    case Rests = 'rests';
    /** None of the games the house knows serves it, and the new ones of these days are for something else. */
    case NoGame = 'no-game';
    /** Others are worth more, or were left longer, and the days are full of them. */
    case NoRoom = 'no-room';

    public function isNearerThan(self $other): bool
    {
        return array_search($this, self::cases(), true) > array_search($other, self::cases(), true);
    }
}
