<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Map;

/** How the memory of a step fades from the last time it was met: the chance that it is still there, day by day. */
final readonly class MemoryView
{
    /**
     * @param string      $since    the last time it was met
     * @param float       $halfLife days
     * @param list<float> $recall   from that day on, one a day
     * @param int         $today    which of them is today
     * @param int|null    $nextLook which of them is the next look, where one falls due
     * @param float       $wanted   under which a look falls due
     */
    public function __construct(
        public string $since,
        public float $halfLife,
        public array $recall,
        public int $today,
        public ?int $nextLook,
        public float $wanted,
    ) {
    }
}
