<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Make;

use Pindle\Core\Calendar\LocalDate;

/** For which days things are made. */
enum Until: string
{
    /** Days of a week after today. */
    public const AHEAD = 6;

    case Today = 'today';
    case Tomorrow = 'tomorrow';
    /** Six days from today on, as far as they are planned. */
    case Week = 'week';
    /** The same days with what likely comes on those that are not planned yet. */
    case Likely = 'likely';

    /** @return list<LocalDate> */
    public function days(LocalDate $today): array
    {
        return match ($this) {
            self::Today => [$today],
            self::Tomorrow => [$today->plusDays(1)],
            self::Week, self::Likely => array_map($today->plusDays(...), range(0, self::AHEAD)),
        };
    }

    /** @return list<self> those that are told at once; what is only likely is worked out when it is asked for */
    public static function told(): array
    {
        return [self::Today, self::Tomorrow, self::Week];
    }
}
