<?php

declare(strict_types=1);

namespace Pindle\Core\Advice;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\ClauseKind;
use Pindle\Core\Evidence\LastSitting;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Evidence\SecureClauses;
use Pindle\Core\Evidence\StepState;
use Pindle\Core\Evidence\Tracing;
use Pindle\Core\Skill\Step;

/** Which steps are worth a sitting today, best first: those that are ready, those that want another look, and those the parent pinned. */
final readonly class Ranking
{
    /** A step that is pinned or of a strand in focus. */
    public const WANTED_PUSH = 2.0;

    /** A strand that is open but was not touched for so many days is pushed. */
    public const LEFT_ALONE_DAYS = 7;
    public const LEFT_ALONE_PUSH = 1.5;

    public const TRIED_TODAY = 0.3;
    public const TRIED_YESTERDAY = 0.8;

    /** Weight of being nearly Secure (simulated: 0.5 keeps children on what they know already), and of opening what waits for this step alone. */
    public const NEARLY = 0.25;
    public const OPENING = 0.25;

    /** How far a need is believed while a step is stuck on it. */
    public const DOUBTED = 0.5;

    /** A child's sittings are brand new in one of three at most, once so many tried steps are ready. */
    public const TRIED_STEPS_READY = 3;

    /** @var array<string, Mark> */
    private array $marks;

    /** @var array<string, bool> step id => good enough for what builds on it */
    private array $there;

    /** @var array<string, LocalDate> strand => the day it was last touched */
    private array $touched;

    /** @var array<string, string> need => the step that is stuck on it */
    private array $doubted;

    /**
     * @param list<string> $pins  step ids
     * @param list<string> $focus strands
     * @param int          $attempts expected at the step in one sitting
     */
    private function __construct(private ChildRecord $record, private LocalDate $on, private int $attempts, private array $pins, private array $focus)
    {
        $marks = $there = $touched = [];
        foreach ($record->map->steps as $id => $step) {
            $marks[$id] = $record->mark($id, $on);
            $there[$id] = $marks[$id]->isGround() || $record->state($id)->isImplied();
            $day = $record->state($id)->touched;
            $strand = $step->skill->strand->value;
            if (null !== $day && (!isset($touched[$strand]) || $day->isAfter($touched[$strand]))) {
                $touched[$strand] = $day;
            }
        }
        [$this->marks, $this->there, $this->touched] = [$marks, $there, $touched];
        $doubted = [];
        foreach ($record->map->steps as $id => $step) {
            $need = Mark::Secure === $marks[$id] ? null : $this->doubtedNeed($step);
            if (null !== $need) {
                $doubted[$need] = $id;
            }
        }
        $this->doubted = $doubted;
    }

    /**
     * @param int          $attempts expected at the step in one sitting
     * @param list<string> $pins  ids of steps the parent wants next
     * @param list<string> $focus strands the parent wants more of
     *
     * @return list<RankedStep> best first; equal values in the order of the map
     */
    public static function of(ChildRecord $record, LocalDate $on, int $attempts, array $pins = [], array $focus = []): array
    {
        return (new self($record, $on, $attempts, $pins, $focus))->ranked();
    }

    /**
     * The same list without brand new steps where the last sittings had one and there are tried steps enough.
     *
     * @param list<RankedStep> $ranked
     *
     * @return list<RankedStep>
     */
    public static function withoutTooMuchNew(array $ranked, ChildRecord $record): array
    {
        $tried = array_values(array_filter($ranked, static fn (RankedStep $step): bool => !$step->brandNew || Reason::Pinned === $step->reason));
        $newLately = [] !== array_filter($record->lastSittings, static fn (LastSitting $sitting): bool => $record->wasBrandNew($sitting));

        return $newLately && \count($tried) >= self::TRIED_STEPS_READY ? $tried : $ranked;
    }

    /** @return list<RankedStep> */
    private function ranked(): array
    {
        $missing = [];
        $waitingFor = [];
        foreach ($this->record->map->steps as $id => $step) {
            $missing[$id] = array_values(array_filter(
                $step->needs,
                fn (string $need): bool => !$this->there[$need] || ($this->doubted[$need] ?? null) === $id,
            ));
            if (1 === \count($missing[$id]) && $step->offered) {
                $waitingFor[$missing[$id][0]][] = $id;
            }
        }
        $ranked = [];
        foreach ($this->record->map->steps as $id => $step) {
            $pinned = \in_array($id, $this->pins, true);
            if (Mark::LookAgain === $this->marks[$id]) {
                $ranked[] = $this->lookAgain($step, $pinned);
            } elseif ($pinned || ($step->offered && Mark::Secure !== $this->marks[$id] && [] === $missing[$id])) {
                $ranked[] = $this->ready($step, $waitingFor[$id] ?? [], $pinned);
            }
        }
        usort($ranked, static fn (RankedStep $a, RankedStep $b): int => $b->value() <=> $a->value());

        return $ranked;
    }

    /** @param list<string> $waiting steps for which this is the only missing need */
    private function ready(Step $step, array $waiting, bool $pinned): RankedStep
    {
        $state = $this->record->state($step->id);
        $rule = $this->record->settings->secureRule;
        $unaided = $state->window->unaidedIn($rule);
        // What is believed and what is still there of it; a need in doubt is believed no more than half.
        $learning = $this->learning(isset($this->doubted[$step->id]) ? min(self::DOUBTED, $state->p) : $state->p * $state->memory->recall($this->on));
        $nearly = self::NEARLY * min(1.0, $unaided / $rule->successes());
        $opening = 0.0;
        foreach ($waiting as $waitingId) {
            $opening += self::OPENING * $this->learning($this->record->state($waitingId)->p);
        }
        [$push, $leftAlone] = $this->push($step, $pinned);
        $brandNew = 0 === $state->window->count;
        [$reason, $values] = match (true) {
            $pinned => [Reason::Pinned, []],
            isset($this->doubted[$step->id]) => [Reason::Doubted, ['stuck' => $this->doubted[$step->id]]],
            $this->isInFocus($step) => [Reason::InFocus, []],
            null !== $leftAlone => [Reason::LeftAlone, ['days' => $leftAlone]],
            $unaided >= $rule->successes() && null !== ($clause = $this->missingClause($step, $state)) => [Reason::WantsMore, ['clause' => $clause->value]],
            $nearly > $learning => [Reason::NearlySecure, ['unaided' => $unaided, 'wanted' => $rule->successes()]],
            $opening > $learning => [Reason::OpensMore, ['steps' => \count($waiting)]],
            $brandNew => [Reason::Ready, ['needs' => \count($step->needs)]],
            default => [Reason::KeepGoing, ['attempts' => $state->window->count]],
        };

        return new RankedStep($step, new Worth($learning, $nearly, $opening, 0.0, $push, $this->freshness($state)), $brandNew, $reason, $values);
    }

    private function lookAgain(Step $step, bool $pinned): RankedStep
    {
        $state = $this->record->state($step->id);
        $since = $state->memory->daysSince($this->on);
        [$push] = $this->push($step, $pinned);

        return new RankedStep(
            $step,
            new Worth(0.0, 0.0, 0.0, 1 - $state->memory->recall($this->on), $push, $this->freshness($state)),
            false,
            match (true) {
                $pinned => Reason::Pinned,
                $state->hasSlipped() => Reason::Slipped,
                default => Reason::Due,
            },
            $pinned ? [] : ['days' => $since],
        );
    }

    /** @return array{float, int|null} the push, and for how many days its strand was left alone, where that is what pushes */
    private function push(Step $step, bool $pinned): array
    {
        if ($pinned || $this->isInFocus($step)) {
            return [self::WANTED_PUSH, null];
        }
        // A strand never touched is new, not neglected.
        $leftAlone = ($this->touched[$step->skill->strand->value] ?? null)?->daysUntil($this->on);

        return null !== $leftAlone && $leftAlone >= self::LEFT_ALONE_DAYS ? [self::LEFT_ALONE_PUSH, $leftAlone] : [1.0, null];
    }

    private function isInFocus(Step $step): bool
    {
        return \in_array($step->skill->strand->value, $this->focus, true);
    }

    /** The weakest need of a step that is stuck, unless it is Secure or was looked at since; null when the step is not stuck or stands well. */
    private function doubtedNeed(Step $step): ?string
    {
        $state = $this->record->state($step->id);
        if (!$state->window->isStuck()) {
            return null;
        }
        $weakest = null;
        $least = \INF;
        foreach ($step->needs as $need) {
            $of = $this->record->state($need);
            $since = null === $of->touched || null === $state->touched || $of->touched->daysUntil($state->touched) > 0;
            $belief = $of->p * $of->memory->recall($this->on);
            if ($since && Mark::Secure !== $this->marks[$need] && $belief < $least) {
                [$weakest, $least] = [$need, $belief];
            }
        }

        return $weakest;
    }

    /** The first part of the secure rule that is still wanted, once enough tries are there. */
    private function missingClause(Step $step, StepState $state): ?ClauseKind
    {
        foreach (SecureClauses::of($this->record->settings->secureRule, $step, $state) as $clause) {
            if (!$clause->met) {
                return $clause->kind;
            }
        }

        return null;
    }

    /** What so many tries would add to the belief. */
    private function learning(float $p): float
    {
        return (1 - $p) * (1 - (1 - Tracing::LEARN) ** $this->attempts);
    }

    private function freshness(StepState $state): float
    {
        return match ($state->touched?->daysUntil($this->on)) {
            0 => self::TRIED_TODAY,
            1 => self::TRIED_YESTERDAY,
            default => 1.0,
        };
    }
}
