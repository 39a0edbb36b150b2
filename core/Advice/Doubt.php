<?php

declare(strict_types=1);

namespace Pindle\Core\Advice;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Skill\Step;

/** What a step that is stuck may be missing: the weakest of what it needs, which is met before it. */
final class Doubt
{
    /** The id of the weakest need of a step that is stuck, unless it is Can do or was looked at since; null where the step is not stuck or stands well. */
    public static function of(Step $step, ChildRecord $record, LocalDate $on): ?string
    {
        $state = $record->state($step->id);
        if (!$state->window->isStuck()) {
            return null;
        }
        $weakest = null;
        $least = \INF;
        foreach ($step->needs as $need) {
            $of = $record->state($need);
            $since = null === $of->touched || null === $state->touched || $of->touched->daysUntil($state->touched) > 0;
            $belief = $of->p * $record->recall($need, $on);
            if ($since && Mark::CanDo !== $of->mark() && $belief < $least) {
                [$weakest, $least] = [$need, $belief];
            }
        }

        return $weakest;
    }
}
