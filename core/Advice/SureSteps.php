<?php

declare(strict_types=1);

namespace Pindle\Core\Advice;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Skill\Step;

/**
 * What a sitting begins and ends with. It ends on the furthest step the child is sure of. It begins with the one whose memory has faded
 * most, so that a warm-up is a quick look as well: in the simulation that keeps more of what was known than any other change did.
 */
final class SureSteps
{
    /** A step known only by implication counts as half faded: nobody has seen it yet. */
    private const UNSEEN = 0.5;

    /**
     * The one met longest ago, for how well it sticks; null when there is none.
     *
     * @param list<Step> $candidates that the activity can ask about
     */
    public static function first(ChildRecord $record, array $candidates, LocalDate $on): ?Step
    {
        $first = null;
        $least = \INF;
        foreach ($candidates as $step) {
            $state = $record->state($step->id);
            $left = match (true) {
                self::isSure($record, $step, $on), Mark::LookAgain === $record->mark($step->id, $on) => $state->memory->recall($on),
                $state->isImplied() => self::UNSEEN,
                default => \INF,
            };
            if ($left < $least) {
                [$first, $least] = [$step, $left];
            }
        }

        return $first;
    }

    /**
     * The largest one, Secure or Steady; null when there is none.
     *
     * @param list<Step> $candidates that the activity can ask about
     */
    public static function last(ChildRecord $record, array $candidates, LocalDate $on): ?Step
    {
        $last = null;
        foreach ($candidates as $step) {
            if (self::isSure($record, $step, $on) && (null === $last || $step->size >= $last->size)) {
                $last = $step;
            }
        }

        return $last;
    }

    private static function isSure(ChildRecord $record, Step $step, LocalDate $on): bool
    {
        return \in_array($record->mark($step->id, $on), [Mark::Secure, Mark::Steady], true);
    }
}
