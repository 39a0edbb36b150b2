<?php

declare(strict_types=1);

namespace Pindle\Core\Advice;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\ClauseKind;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Evidence\Tracing;
use Pindle\Core\Skill\Step;

/** Which steps are worth a sitting today, best first: those that are ready, and those that want another look. */
final class Ranking
{
    /** A strand that is open but was not touched for so many days is pushed. */
    public const LEFT_ALONE_DAYS = 7;
    public const LEFT_ALONE_PUSH = 1.5;

    public const TRIED_TODAY = 0.3;
    public const TRIED_YESTERDAY = 0.8;

    /** Weight of being nearly Secure, and of opening what waits for this step alone. */
    public const NEARLY = 0.5;
    public const OPENING = 0.25;

    /**
     * @param int $tries expected at the step in one sitting
     *
     * @return list<RankedStep> best first; equal values in the order of the map
     */
    public static function of(ChildRecord $record, LocalDate $on, int $tries): array
    {
        $touched = self::strandsTouched($record);
        $missing = [];
        $waitingFor = [];
        foreach ($record->map->steps as $step) {
            $missing[$step->id] = $record->missingNeeds($step->id, $on);
            if (1 === \count($missing[$step->id])) {
                $waitingFor[$missing[$step->id][0]][] = $step->id;
            }
        }

        $ranked = [];
        foreach ($record->map->steps as $step) {
            $mark = $record->mark($step->id, $on);
            if (Mark::LookAgain === $mark) {
                $ranked[] = self::lookAgain($record, $step, $on);
            } elseif (Mark::Secure !== $mark && [] === $missing[$step->id]) {
                $leftAlone = ($touched[$step->skill->strand->value] ?? null)?->daysUntil($on);
                $ranked[] = self::ready($record, $step, $on, $tries, $waitingFor[$step->id] ?? [], $leftAlone);
            }
        }
        usort($ranked, static fn (RankedStep $a, RankedStep $b): int => $b->value() <=> $a->value());

        return $ranked;
    }

    /**
     * @param list<string> $waiting   steps for which this is the only missing need
     * @param int|null     $leftAlone days since its strand was touched; null where it never was, which is new and not neglected
     */
    private static function ready(ChildRecord $record, Step $step, LocalDate $on, int $tries, array $waiting, ?int $leftAlone): RankedStep
    {
        $state = $record->state($step->id);
        $unaided = $state->unaidedIn($record->rule);
        $wanted = $record->rule->successes();
        $learning = self::learning($state->p, $tries);
        $nearly = self::NEARLY * min(1.0, $unaided / $wanted);
        $opening = 0.0;
        foreach ($waiting as $waitingId) {
            $opening += self::OPENING * self::learning($record->state($waitingId)->p, $tries);
        }

        $brandNew = 0 === $state->tries;
        [$reason, $values] = match (true) {
            null !== $leftAlone && $leftAlone >= self::LEFT_ALONE_DAYS => [Reason::LeftAlone, ['days' => $leftAlone]],
            $unaided >= $wanted && null !== ($missing = self::missingClause($record, $step)) => [Reason::WantsMore, ['clause' => $missing->value]],
            $nearly > $learning => [Reason::NearlySecure, ['unaided' => $unaided, 'wanted' => $wanted]],
            $opening > $learning => [Reason::OpensMore, ['steps' => \count($waiting)]],
            $brandNew => [Reason::Ready, ['needs' => \count($step->needs)]],
            default => [Reason::KeepGoing, ['tries' => $state->tries]],
        };

        return new RankedStep(
            $step,
            $learning + $nearly + $opening,
            null !== $leftAlone && $leftAlone >= self::LEFT_ALONE_DAYS ? self::LEFT_ALONE_PUSH : 1.0,
            self::freshness($record, $step, $on),
            $brandNew,
            $reason,
            $values,
        );
    }

    private static function lookAgain(ChildRecord $record, Step $step, LocalDate $on): RankedStep
    {
        $state = $record->state($step->id);
        $slipped = !($state->lastTry()?->isUnaided() ?? true);
        $since = null === $state->clock ? 0 : max(0, $state->clock->daysUntil($on));

        return new RankedStep($step, 1 - $state->recall($on), 1.0, self::freshness($record, $step, $on), false, $slipped ? Reason::Slipped : Reason::Due, ['days' => $since]);
    }

    /** The first part of the secure rule that is still wanted, once enough tries are there. */
    private static function missingClause(ChildRecord $record, Step $step): ?ClauseKind
    {
        foreach ($record->rule->clauses($step, $record->state($step->id)) as $clause) {
            if (!$clause->isMet()) {
                return $clause->kind;
            }
        }

        return null;
    }

    /** What so many tries would add to the belief. */
    private static function learning(float $p, int $tries): float
    {
        return (1 - $p) * (1 - (1 - Tracing::LEARN) ** $tries);
    }

    private static function freshness(ChildRecord $record, Step $step, LocalDate $on): float
    {
        return match ($record->state($step->id)->lastTry()?->day->daysUntil($on)) {
            0 => self::TRIED_TODAY,
            1 => self::TRIED_YESTERDAY,
            default => 1.0,
        };
    }

    /** @return array<string, LocalDate> strand => the day of its last try */
    private static function strandsTouched(ChildRecord $record): array
    {
        $touched = [];
        foreach ($record->states as $stepId => $state) {
            $day = $state->lastTry()?->day;
            $strand = $record->map->step($stepId)->skill->strand->value;
            if (null !== $day && (!isset($touched[$strand]) || $day->isAfter($touched[$strand]))) {
                $touched[$strand] = $day;
            }
        }

        return $touched;
    }
}
