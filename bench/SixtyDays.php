<?php

declare(strict_types=1);

namespace Pindle\Bench;

use Pindle\Core\Activity\Catalogue;
use Pindle\Core\Advice\Decision;
use Pindle\Core\Advice\Ending;
use Pindle\Core\Advice\RankedStep;
use Pindle\Core\Advice\Ranking;
use Pindle\Core\Advice\Resting;
use Pindle\Core\Advice\SureSteps;
use Pindle\Core\Advice\Choosing;
use Pindle\Core\Advice\LiveAdvice;
use Pindle\Core\Evidence\CanDoClauses;
use Pindle\Core\Evidence\Closing;
use Pindle\Core\Evidence\ClosingMark;
use Pindle\Core\Evidence\Purpose;
use Pindle\Core\Evidence\Seen;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Child\SetSize;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Ladder;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Evidence\Memory;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\Standing;
use Pindle\Core\Evidence\StepState;
use Pindle\Core\Evidence\Tracing;
use Pindle\Core\FirstLook\Answer;
use Pindle\Core\FirstLook\FirstLook;
use Pindle\Core\Question\Kind\NameNumeral;
use Pindle\Core\Question\Kind\TellHowMany;
use Pindle\Core\Question\Level;
use Pindle\Core\Question\Question;
use Pindle\Core\Simulation\SimulatedChild;
use Pindle\Core\Simulation\SimulatedParent;
use Pindle\Core\Simulation\Simulator;
use Pindle\Core\Skill\Form;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Skill\Step;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * Sixty days of two sittings a day, with as many questions as go by age, then thirty days of nothing. The ways of choosing the step and of
 * noting what was seen differ; the child, its first look, the helps, forms and questions are the same.
 */
final class SixtyDays
{
    private const DAYS = 60;
    private const IDLE = 30;
    private const SITTINGS_A_DAY = 2;

    private Life $life;

    /** @var array<string, true> steps that went perfectly once, for the way that takes the map in order */
    private array $passed = [];

    /** @var array<string, array<string, true>> step id => the steps that some activity can ask about as well */
    private readonly array $partners;

    public function __construct(private readonly SkillMap $map, Catalogue $catalogue, private readonly Figures $figures)
    {
        $partners = [];
        foreach ($catalogue->activities as $activity) {
            $asks = array_filter($map->steps, static fn (Step $step): bool => [] !== array_filter(
                [] === $step->forms ? [null] : $step->forms,
                static fn (?Form $form): bool => $activity->shows($step, $form),
            ));
            foreach (array_keys($asks) as $one) {
                foreach (array_keys($asks) as $other) {
                    if ($one !== $other) {
                        $partners[$one][$other] = true;
                    }
                }
            }
        }
        $this->partners = $partners;
    }

    /** @param list<Run> $runs */
    public function child(Simulator $simulator, int $number, array $runs): void
    {
        $start = LocalDate::parse('2026-01-01');
        $beginning = Life::begin($this->map, $simulator, FirstLookBench::months($number), $number, $start);
        $days = [];
        for ($day = 1; $day <= self::DAYS; ++$day) {
            $days[$day] = $beginning->child->isMissed($start->plusDays($day)) ? 0 : self::SITTINGS_A_DAY;
        }
        foreach ($runs as $run) {
            $this->live($beginning->with($run->parent, $run->choosing, 70_000 + $number), $run, $start, $days);
            $this->measure($run->row, $start, 'child '.$number);
        }
    }

    /** @param array<int, int> $days so many days after the start => sittings on that day */
    public function live(Life $life, Run $run, LocalDate $start, array $days): void
    {
        $this->life = $life;
        $this->passed = [];
        foreach ($days as $day => $sittings) {
            for ($sitting = 0; $sitting < $sittings; ++$sitting) {
                $this->sit($run, $start->plusDays($day), $sitting, SetSize::atAge($life->months)->most);
            }
        }
    }

    private function sit(Run $run, LocalDate $on, int $sitting, int $questions): void
    {
        $courses = $this->choose($run, $on, $questions);
        if ([] === $courses) {
            return;
        }
        // Another activity and other things each day a step is met.
        $kind = ($on->dayNumber + $sitting) % 3;
        $spot = new Spot($on, \sprintf('%05d-%d', $on->dayNumber, $sitting), 540 + 120 * $sitting, 'activity-'.$kind, ['thing-'.$kind]);
        $noted = $this->life->sit($this->questions($run, $courses, $on, $questions), $courses, $spot);
        $own = array_filter($noted, static fn (Attempt $attempt): bool => $attempt->stepId === $courses[0]);
        if ([] !== $own && [] === array_filter($own, static fn (Attempt $attempt): bool => !$attempt->isUnaided())) {
            $this->passed[$courses[0]] = true;
        }
    }

    /** @return list<string> the step or the two steps of a sitting, the main one first */
    private function choose(Run $run, LocalDate $on, int $questions): array
    {
        if (Way::Pindle !== $run->way && Way::SeesWorth !== $run->way) {
            $one = match ($run->way) {
                Way::SeesGain => $this->mostGained($on, $questions),
                Way::RandomReady => $this->randomReady($on),
                default => $this->nextInOrder(),
            };

            return null === $one ? [] : [$one];
        }
        $ranked = $this->ranked(Way::Pindle === $run->way ? $this->life->record : $this->seen($on), $on, $questions, $run->choosing);
        $main = array_shift($ranked);
        if (null === $main) {
            return [];
        }
        foreach ($run->choosing->courses > 1 ? $ranked : [] as $other) {
            if (isset($this->partners[$main->step->id][$other->step->id]) && !($main->brandNew && $other->brandNew)) {
                return [$main->step->id, $other->step->id];
            }
        }

        return [$main->step->id];
    }

    /** @return list<RankedStep> */
    private function ranked(ChildRecord $record, LocalDate $on, int $questions, Choosing $choosing): array
    {
        return array_values(array_filter(
            Ranking::of($record, $on, max(1, $questions - 2), choosing: $choosing),
            fn (RankedStep $step): bool => !Resting::holds($step, $record, $this->life->resting, $on),
        ));
    }

    /** The record as it would be if nothing were hidden: what is known is Can do until it is nearly gone, of all else the true chance. */
    private function seen(LocalDate $on): ChildRecord
    {
        $states = [];
        foreach ($this->map->steps as $id => $step) {
            $state = $this->life->record->state($id);
            $knows = $this->life->child->knows($id, $on);
            $p = max(Tracing::LEAST, min(Tracing::MOST, $this->life->child->chance($id, $on)));
            $fades = $knows ? max(1.0, $this->life->child->daysLeft($id, $on)) : 4.0;
            $states[$id] = new StepState(
                $p,
                $knows ? new Memory($fades <= 3.0 ? 1.0 : $fades, $on->plusDays($fades <= 3.0 ? -1 : 0)) : new Memory(),
                $state->ladder,
                $state->window,
                $state->spread,
                new Standing($knows ? $on : null),
                $state->touched,
            );
        }

        return ChildRecord::kept($this->map, $this->life->record->settings, $states, $this->life->record->lastSittings);
    }

    private function randomReady(LocalDate $on): ?string
    {
        $ready = [];
        foreach ($this->map->steps as $step) {
            if (Mark::CanDo !== $this->life->record->mark($step->id) && [] === $this->life->record->missingNeeds($step->id)) {
                $ready[] = $step->id;
            }
        }

        return [] === $ready ? null : $ready[$this->life->random->getInt(0, \count($ready) - 1)];
    }

    private function nextInOrder(): ?string
    {
        foreach (FirstLookBench::mapOrder($this->map) as $stepId) {
            if (!isset($this->passed[$stepId])) {
                return $stepId;
            }
        }

        return null;
    }

    /** The step where a sitting adds most, or keeps most from being lost within days. */
    private function mostGained(LocalDate $on, int $questions): ?string
    {
        $best = null;
        $most = 0.0;
        foreach ($this->map->steps as $step) {
            if ($this->life->child->knows($step->id, $on)) {
                $value = max(0.0, 0.6 - 0.1 * $this->life->child->daysLeft($step->id, $on));
            } else {
                $learning = $this->life->child->learning($step->id, $on, max(1, $questions - 2));
                $value = $learning;
                foreach ($this->map->dependents($step->id) as $dependent) {
                    $others = array_filter(
                        $this->map->step($dependent)->needs,
                        fn (string $need): bool => $need !== $step->id && !$this->life->child->knows($need, $on),
                    );
                    $value += [] === $others && !$this->life->child->knows($dependent, $on) ? 0.25 * $learning : 0.0;
                }
            }
            if ($value > $most) {
                [$best, $most] = [$step->id, $value];
            }
        }

        return $best;
    }

    /**
     * @param list<string> $courses
     *
     * @return list<Question>
     */
    private function questions(Run $run, array $courses, LocalDate $on, int $most): array
    {
        $main = $this->map->step($courses[0]);
        $record = $this->life->record;
        $others = array_values(array_filter(
            $this->map->steps,
            fn (Step $other): bool => !\in_array($other->id, $courses, true) && $other->size <= $main->size && isset($this->partners[$main->id][$other->id]),
        ));
        $check = CanDoClauses::isCheckDue($main, $record->state($main->id));
        $last = !$run->choosing->closes ? null : SureSteps::last($record, $others, $on)?->id;
        // Beginning with what has faded most is part of Pindle's choice; the others begin with what is furthest.
        $first = !$run->choosing->opens || $check ? null : (Way::Pindle === $run->way ? SureSteps::first($record, $others, $on)?->id : $last);
        $steps = $check ? array_fill(0, CanDoClauses::CHECK, $main->id) : [$first ?? $main->id];
        $second = $courses[1] ?? $main->id;
        for ($turn = 1; \count($steps) < $most - 1; ++$turn) {
            $steps[] = 0 === $turn % 2 || $check ? $second : $main->id;
        }
        $steps[] = $last ?? $main->id;
        $questions = [];
        foreach (\array_slice($steps, 0, max($most, CanDoClauses::CHECK)) as $i => $id) {
            $isCheck = $check && $i < CanDoClauses::CHECK;
            // The questions of a check are open.
            $questions[] = Life::question($id, $isCheck ? 2 * $i : $i, $isCheck ? Level::Check : Level::At);
        }

        return $questions;
    }

    private function measure(string $row, LocalDate $start, string $of): void
    {
        $end = $start->plusDays(self::DAYS);
        $after = $this->life->knows($end);
        $later = $this->life->knows($end->plusDays(self::IDLE));
        $before = $this->life->before;
        $values = [\count($before), \count($after), \count(array_diff_key($after, $before)), \count($later), \count(array_diff_key($later, $before))];
        foreach (Life::LEARNT as $i => $measure) {
            $this->figures->add($row, $measure, (float) $values[$i], $of);
        }
        $this->life->countMarks($this->figures, $row, $end);
        $this->life->countSittings($this->figures, $row);
    }
}
