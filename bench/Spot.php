<?php

declare(strict_types=1);

namespace Pindle\Bench;

use Pindle\Core\Calendar\LocalDate;

/** When and with what a simulated child sits. */
final readonly class Spot
{
    /**
     * @param string       $sittingId sorts by day and time
     * @param int          $minute    of the day
     * @param list<string> $thingIds
     */
    public function __construct(public LocalDate $on, public string $sittingId, public int $minute, public string $activityId, public array $thingIds)
    {
    }

    /** @param int $seconds after it began */
    public function at(int $seconds): \DateTimeImmutable
    {
        return $this->on->toDateTime()->modify('+'.(60 * $this->minute + $seconds).' seconds');
    }
}
