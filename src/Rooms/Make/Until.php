<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Make;

use Pindle\Core\Calendar\LocalDate;

/** For which days things are made. */
enum Until: string
{
    case Today = 'today';
    case Tomorrow = 'tomorrow';
    /** Six days from today on, as far as they are planned. */
    case Week = 'week';

    /** @return list<LocalDate> */
    public function days(LocalDate $today): array
    {
        return match ($this) {
            self::Today => [$today],
            self::Tomorrow => [$today->plusDays(1)],
            self::Week => array_map($today->plusDays(...), range(0, 6)),
        };
    }
}
