<?php

declare(strict_types=1);

namespace Pindle\App\Plan;

use Pindle\App\Platform\Clock;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Planning\DayAhead;
use Pindle\Core\Planning\Outlook;
use Pindle\Core\Planning\OutlookDay;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Planning\WhyWaits;

/** Looks ahead from today on. Nothing of it is stored: what is planned in full stays, the other days are as they will likely be. */
final readonly class LookAhead
{
    public function __construct(
        private Plans $plans,
        private ManyDays $days,
        private Requests $requests,
        private Outlook $outlook,
        private Clock $clock,
    ) {
    }

    /** @return \Generator<int, OutlookDay, mixed, array<string, array<string, WhyWaits>>> from today to a day; returns child id => strand => why it waits */
    public function until(LocalDate $last): \Generator
    {
        $today = $this->clock->today();
        $days = [];
        for ($date = $today; !$date->isAfter($last); $date = $date->plusDays(1)) {
            $day = $this->plans->day($date);
            $all = $this->plans->setUps($date);
            $ahead = array_filter($all, static fn (StoredSetUp $stored): bool => !$stored->isKept());
            $days[] = new DayAhead(
                $this->requests->of($day, $all, []),
                $day->isPlanned() ? array_values(array_map(static fn (StoredSetUp $stored): SetUp => $stored->setUp, $ahead)) : null,
            );
        }

        return yield from $this->outlook->of($days, $this->plans->used($today), $this->days->lived($today));
    }
}
