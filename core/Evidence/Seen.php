<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

use Pindle\Core\Calendar\LocalDate;

/** Anything seen of one child at one step: a try, a note of a witness, a mark set by hand. */
abstract readonly class Seen
{
    /**
     * @param string             $id  made by the device, so that sending twice records once
     * @param \DateTimeImmutable $at  the instant
     * @param LocalDate          $day the household's own day
     */
    public function __construct(
        public string $id,
        public string $stepId,
        public \DateTimeImmutable $at,
        public LocalDate $day,
        public string $deviceId,
    ) {
    }

    /** The order in which evidence is replayed, whatever order it arrived in. */
    public static function compare(self $a, self $b): int
    {
        return $a->at <=> $b->at ?: strcmp($a->deviceId, $b->deviceId) ?: strcmp($a->id, $b->id);
    }
}
