<?php

declare(strict_types=1);

namespace Pindle\Core\Advice;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\CanDoClauses;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\ClauseKind;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\StepState;
use Pindle\Core\Evidence\TakenAsKnown;
use Pindle\Core\Evidence\Tracing;
use Pindle\Core\Skill\Step;

/** Which steps are worth a sitting today, best first: those that are ready, those that want a look or a check, and those the parent pinned. */
final readonly class Ranking
{
    /** How far a need is believed while a step is stuck on it. */
    public const DOUBTED = 0.5;

    /** What a look keeps is counted so many days ahead. */
    private const AHEAD = 90;

    /** @var array<string, StepState> */
    private array $states;

    /** @var array<string, Mark> */
    private array $marks;

    /** @var array<string, true> steps taken as known */
    private array $taken;

    /** @var array<string, LocalDate> strand => the day it was last touched */
    private array $touched;

    /** @var array<string, string> need => the step that is stuck on it */
    private array $doubted;

    /**
     * @param int          $attempts expected at the step in one sitting
     * @param list<string> $pins     step ids
     * @param list<string> $focus    strands
     */
    private function __construct(
        private ChildRecord $record,
        private LocalDate $on,
        private int $attempts,
        private array $pins,
        private array $focus,
        private Choosing $choosing,
    ) {
        $states = $marks = $touched = [];
        foreach ($record->map->steps as $id => $step) {
            $states[$id] = $record->state($id);
            $marks[$id] = $states[$id]->mark();
            $day = $states[$id]->touched;
            $strand = $step->skill->strand->value;
            if (null !== $day && (!isset($touched[$strand]) || $day->isAfter($touched[$strand]))) {
                $touched[$strand] = $day;
            }
        }
        [$this->states, $this->marks, $this->touched, $this->taken] = [$states, $marks, $touched, TakenAsKnown::all($record)];
        $doubted = [];
        foreach ($record->map->steps as $id => $step) {
            $need = Mark::CanDo === $marks[$id] ? null : Doubt::of($step, $record, $on);
            if (null !== $need) {
                $doubted[$need] = $id;
            }
        }
        $this->doubted = $doubted;
    }

    /**
     * @param int          $attempts expected at the step in one sitting
     * @param list<string> $pins     ids of steps the parent wants next
     * @param list<string> $focus    strands the parent wants more of
     *
     * @return list<RankedStep> best first; equal values in the order of the map
     */
    public static function of(
        ChildRecord $record,
        LocalDate $on,
        int $attempts,
        array $pins = [],
        array $focus = [],
        Choosing $choosing = new Choosing(),
    ): array {
        return (new self($record, $on, $attempts, $pins, $focus, $choosing))->ranked();
    }

    /** @return list<RankedStep> */
    private function ranked(): array
    {
        $missing = [];
        $waitingFor = [];
        foreach ($this->record->map->steps as $id => $step) {
            $missing[$id] = array_values(array_filter(
                $step->needs,
                fn (string $need): bool => !$this->marks[$need]->isGround() && !isset($this->taken[$need]) || ($this->doubted[$need] ?? null) === $id,
            ));
            if (1 === \count($missing[$id]) && $step->offered) {
                $waitingFor[$missing[$id][0]][] = $id;
            }
        }
        $ranked = [];
        foreach ($this->record->map->steps as $id => $step) {
            $pinned = \in_array($id, $this->pins, true);
            $faded = $this->faded($step);
            if (null !== $faded) {
                $ranked[] = $this->look($step, $pinned, $faded);
            } elseif ($pinned || ($step->offered && Mark::CanDo !== $this->marks[$id] && [] === $missing[$id] && !$this->isSettled($step))) {
                $ranked[] = $this->ready($step, $waitingFor[$id] ?? [], $pinned);
            }
        }
        usort($ranked, static fn (RankedStep $a, RankedStep $b): int => $b->value() <=> $a->value());

        return $ranked;
    }

    /** How much of a step that could be done may be gone, where a look is wanted. What is right and only not quick is looked at like it. */
    private function faded(Step $step): ?float
    {
        if (Mark::CanDo === $this->marks[$step->id]) {
            return $this->record->faded($step->id, $this->on);
        }
        $gone = 1 - $this->record->recall($step->id, $this->on);

        return $gone > 1 - Tracing::RECALL_WANTED && $this->isNotQuick($step) ? $gone : null;
    }

    /** In no need of a sitting: taken as known because something that can be done stands on it, or right and only not quick. */
    private function isSettled(Step $step): bool
    {
        $state = $this->states[$step->id];

        return (isset($this->taken[$step->id]) && !$state->isImplied()) || $this->isNotQuick($step);
    }

    private function isNotQuick(Step $step): bool
    {
        return $step->skill->isQuick()
            && Mark::Nearly === $this->marks[$step->id]
            && CanDoClauses::isOnlyNotQuick($this->record->settings->canDoRule, $step, $this->states[$step->id]);
    }

    /** @param list<string> $waiting steps for which this is the only missing need */
    private function ready(Step $step, array $waiting, bool $pinned): RankedStep
    {
        $state = $this->states[$step->id];
        $rule = $this->record->settings->canDoRule;
        $unaided = $state->window->unaidedIn($rule);
        // What is believed and what is still there of it; a need in doubt is believed no more than half.
        $learning = $this->learning(
            isset($this->doubted[$step->id]) ? min(self::DOUBTED, $state->p) : $state->p * $this->record->recall($step->id, $this->on),
        );
        $nearly = $this->choosing->nearly * min(1.0, $unaided / $rule->successes());
        $opening = 0.0;
        foreach ($waiting as $waitingId) {
            $opening += $this->choosing->opening * $this->learning($this->states[$waitingId]->p);
        }
        [$push, $leftAlone] = $this->push($step, $pinned);
        $brandNew = !$state->isTried();
        $checkDue = CanDoClauses::isCheckDue($step, $state);
        [$reason, $values] = match (true) {
            $pinned => [Reason::Pinned, []],
            $checkDue => [Reason::CheckDue, ['days' => $state->closings->days]],
            isset($this->doubted[$step->id]) => [Reason::Doubted, ['stuck' => $this->doubted[$step->id]]],
            $this->isInFocus($step) => [Reason::InFocus, []],
            null !== $leftAlone => [Reason::LeftAlone, ['days' => $leftAlone]],
            $unaided >= $rule->successes() && null !== ($clause = $this->missingClause($step, $state)) => [Reason::WantsMore, ['clause' => $clause->value]],
            Mark::Nearly === $this->marks[$step->id] => [Reason::AlmostThere, ['unaided' => $unaided, 'wanted' => $rule->successes()]],
            $brandNew => $this->begins($step),
            $state->timesSeen() < AtAGlance::THIN => [Reason::LittleSeen, []],
            $opening > $learning => [Reason::OpensMore, ['steps' => \count($waiting)]],
            default => [Reason::KeepGoing, ['attempts' => $state->window->count]],
        };

        return new RankedStep(
            $step,
            new Worth($learning, max($nearly, $checkDue ? $this->choosing->check : 0.0), $opening, 0.0, $push, $this->freshness($state)),
            $brandNew,
            $reason,
            $values,
        );
    }

    /**
     * Why a step that was never tried can begin: a need that was seen to be there, the hardest of them; or nothing of what it builds on was ever seen.
     *
     * @return array{Reason, array<string, int|string>}
     */
    private function begins(Step $step): array
    {
        $seen = false;
        $there = null;
        foreach ($step->needs as $need) {
            $seen = $seen || $this->states[$need]->isTried();
            $isHarder = null === $there || $this->record->map->step($need)->reach->months >= $this->record->map->step($there)->reach->months;
            $there = $this->marks[$need]->isGround() && $isHarder ? $need : $there;
        }

        return match (true) {
            null !== $there => [Reason::Builds, ['on' => $there]],
            $seen => [Reason::Ready, ['needs' => \count($step->needs)]],
            default => [Reason::FindingOut, []],
        };
    }

    private function look(Step $step, bool $pinned, float $faded): RankedStep
    {
        $state = $this->states[$step->id];
        [$push] = $this->push($step, $pinned);

        return new RankedStep(
            $step,
            new Worth(0.0, 0.0, 0.0, $this->looking($state, $faded), $push, $this->freshness($state)),
            false,
            match (true) {
                $pinned => Reason::Pinned,
                $state->hasSlipped() => Reason::Slipped,
                $state->hasOneMiss() => Reason::OneMiss,
                default => Reason::Due,
            },
            $pinned ? [] : ['days' => $state->memory->daysSince($this->on)],
        );
    }

    /** What a look is worth, 0 to 1: finding out what may be gone, and keeping what is not. After a miss it is worth something in any case. */
    private function looking(StepState $state, float $faded): float
    {
        $worth = $this->choosing->looking * $faded + $this->choosing->keeping * $this->kept($state);

        return min(1.0, max($state->hasSlipped() || $state->hasOneMiss() ? ChildRecord::GONE_AFTER_MISS : 0.0, $worth));
    }

    /** What a look today that goes well adds to the chance that a step is still there in so many days, 0 to 1. */
    private function kept(StepState $state): float
    {
        $speed = $this->record->looks->speed();
        $halfLife = ($state->memory->halfLife ?? Tracing::CAN_DO_HALF_LIFE) / $speed;
        $gap = $state->memory->daysSince($this->on);
        $now = Tracing::recall($halfLife, $gap);
        $grown = Tracing::halfLife($halfLife, $gap, true, Outcome::WorkedItOut) ?? $halfLife;

        return $now * Tracing::recall($grown, self::AHEAD) - Tracing::recall($halfLife, $gap + self::AHEAD);
    }

    /** @return array{float, int|null} the push, and for how many days its strand was left alone, where that is what pushes */
    private function push(Step $step, bool $pinned): array
    {
        if ($pinned || $this->isInFocus($step)) {
            return [$this->choosing->wanted, null];
        }
        // A strand never touched is new, not neglected.
        $leftAlone = ($this->touched[$step->skill->strand->value] ?? null)?->daysUntil($this->on);

        return null !== $leftAlone && $leftAlone >= $this->choosing->leftAloneDays ? [$this->choosing->leftAlone, $leftAlone] : [1.0, null];
    }

    private function isInFocus(Step $step): bool
    {
        return \in_array($step->skill->strand->value, $this->focus, true);
    }

    /** The first part of the can-do rule that is still wanted, once enough tries are there. */
    private function missingClause(Step $step, StepState $state): ?ClauseKind
    {
        foreach (CanDoClauses::of($this->record->settings->canDoRule, $step, $state) as $clause) {
            if (!$clause->met) {
                return $clause->kind;
            }
        }

        return null;
    }

    /** What so many tries would add to the belief. */
    private function learning(float $p): float
    {
        $inReach = $this->choosing->inReach > 0.0 ? min(1.0, $p / $this->choosing->inReach) ** $this->choosing->slope : 1.0;

        return (1 - $p) * (1 - (1 - $this->choosing->learning * $inReach) ** $this->attempts);
    }

    private function freshness(StepState $state): float
    {
        return match ($state->touched?->daysUntil($this->on)) {
            0 => $this->choosing->triedToday,
            1 => $this->choosing->triedYesterday,
            default => 1.0,
        };
    }
}
