<?php

declare(strict_types=1);

namespace Pindle\Core\Advice;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Skill\Step;

/**
 * What a sitting begins and ends with: steps that were tried and went well. It begins with the one whose memory has faded
 * most, so that a warm-up is a quick look as well, and ends on one that went well last time and is not yet in question.
 */
final class SureSteps
{
    /**
     * The one of which most has faded; null when there is none.
     *
     * @param list<Step> $candidates that the activity can ask about
     */
    public static function first(ChildRecord $record, array $candidates, LocalDate $on): ?Step
    {
        $first = null;
        $least = \INF;
        foreach ($candidates as $step) {
            $left = self::isSure($record, $step) ? $record->recall($step->id, $on) : \INF;
            if ($left < $least) {
                [$first, $least] = [$step, $left];
            }
        }

        return $first;
    }

    /**
     * One that is likely to go well, of these the one met longest ago for how well it sticks; null when there is none.
     *
     * @param list<Step> $candidates that the activity can ask about
     */
    public static function last(ChildRecord $record, array $candidates, LocalDate $on): ?Step
    {
        $last = null;
        $least = \INF;
        foreach ($candidates as $step) {
            $goesWell = self::isSure($record, $step) && $record->state($step->id)->window->endsWell() && !$record->isWorthALook($step->id, $on);
            $left = $record->recall($step->id, $on);
            if ($goesWell && $left < $least) {
                [$last, $least] = [$step, $left];
            }
        }

        return $last;
    }

    /** Tried, and Can do or Nearly: what nobody ever asked is no warm-up. */
    private static function isSure(ChildRecord $record, Step $step): bool
    {
        return $record->state($step->id)->isTried() && $record->mark($step->id)->isGround();
    }
}
