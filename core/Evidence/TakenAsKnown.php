<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

/**
 * What is Not met or Begun by its own row and yet not in question: implied, or something that is Can do stands on it (an easier reach of its
 * skill, or anything it needs). A miss of its own since then puts it in question again. A mark set by hand on what nobody ever asked carries nothing
 * that nobody ever asked.
 */
final class TakenAsKnown
{
    public static function is(string $stepId, ChildRecord $record): bool
    {
        return isset(self::among([$stepId], $record)[$stepId]);
    }

    /** @return array<string, true> all of a record, by step id */
    public static function all(ChildRecord $record): array
    {
        return self::among(array_keys($record->map->steps), $record);
    }

    /**
     * @param list<string> $stepIds
     *
     * @return array<string, true>
     */
    private static function among(array $stepIds, ChildRecord $record): array
    {
        $taken = [];
        $canDos = null;
        foreach ($stepIds as $stepId) {
            $state = $record->state($stepId);
            if ($state->mark()->isGround()) {
                continue;
            }
            $canDos ??= array_filter($record->states(), static fn (StepState $one): bool => $one->standing->isCanDo());
            if ($state->isImplied() || self::standsUnder($stepId, $state, $canDos, $record)) {
                $taken[$stepId] = true;
            }
        }

        return $taken;
    }

    /** @param array<string, StepState> $canDos */
    private static function standsUnder(string $stepId, StepState $state, array $canDos, ChildRecord $record): bool
    {
        $missed = $state->lastMiss();
        foreach ($canDos as $id => $canDo) {
            $since = $canDo->standing->canDoSince;
            if (
                $record->map->isNeededBy($stepId, $id)
                && (null === $missed || null === $since || !$missed->isAfter($since))
                && ($state->isTried() || $canDo->isTried())
            ) {
                return true;
            }
        }

        return false;
    }
}
