<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

/** A child on Today: their thread through the day, and in words why nothing is planned where that is so. */
final readonly class PlannedChildView
{
    /**
     * @param list<StretchView> $stretches
     */
    public function __construct(
        public string $id,
        public string $name,
        public int $thread,
        public array $stretches,
        public int $minutesPlanned,
        public int $minutesDone,
        public ?string $nothing,
        /** Ill or away today; null where neither. */
        public ?string $absent,
        /** Asleep at some time of today, so that someone may wake. */
        public bool $sleeps,
    ) {
    }
}
