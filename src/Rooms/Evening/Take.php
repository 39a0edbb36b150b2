<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Evening;

/** What is done with the activity that is proposed. */
enum Take: string
{
    case TryTomorrow = 'try-tomorrow';
    case Another = 'another';
    case Now = 'now';
}
