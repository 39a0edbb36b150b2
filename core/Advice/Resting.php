<?php

declare(strict_types=1);

namespace Pindle\Core\Advice;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Mark;

/** Whether a step waits: it rests until a day, unless it slipped, or is only resting as Nearly and the parent pinned it. */
final class Resting
{
    /** @param array<string, LocalDate> $until step id => the first day it may come back */
    public static function holds(RankedStep $ranked, ChildRecord $record, array $until, LocalDate $on): bool
    {
        $day = $until[$ranked->step->id] ?? null;
        $isWanted = Reason::Slipped === $ranked->reason
            || (Reason::Pinned === $ranked->reason && Mark::Nearly === $record->mark($ranked->step->id));

        return null !== $day && $day->isAfter($on) && !$isWanted;
    }
}
