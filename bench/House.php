<?php

declare(strict_types=1);

namespace Pindle\Bench;

use Pindle\Core\Activity\Activity;
use Pindle\Core\Activity\Place;
use Pindle\Core\Advice\Choosing;
use Pindle\Core\Advice\Ranking;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Child\Child;
use Pindle\Core\Planning\DayPlan;
use Pindle\Core\Planning\DayRequest;
use Pindle\Core\Planning\InWeek;
use Pindle\Core\Planning\Learner;
use Pindle\Core\Planning\LivedDay;
use Pindle\Core\Planning\Repertoire;
use Pindle\Core\Question\Level;
use Pindle\Core\Question\Question;
use Pindle\Core\Simulation\SimulatedParent;
use Pindle\Core\Simulation\Simulator;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Thing\Thing;

/** A made-up household: its children, what lies in its cupboard, and how its days go. */
final class House
{
    private const DAYS_A_MONTH = 30.44;

    /** Of a sitting that is not planned. */
    private const QUESTIONS = 6;

    /** @var array<string, Child> by id */
    public array $children = [];

    /** @var array<string, array{Activity, int, LocalDate}> by id: how often it was laid out, and when first */
    private array $used = [];

    /** @var list<LivedDay> in order */
    public array $lived = [];

    /** @var array<string, PlannedLife> by child id */
    public array $lives = [];

    /** @var array<string, Life> by child id: as they were at the beginning */
    public array $beginnings = [];

    /**
     * @param list<int>   $ages   in months
     * @param list<Thing> $things
     * @param int         $number tells houses apart
     */
    public function __construct(
        SkillMap $map,
        Simulator $simulator,
        private readonly SimulatedParent $parent,
        private readonly Choosing $choosing,
        array $ages,
        private readonly array $things,
        private readonly int $number,
        LocalDate $start,
    ) {
        foreach ($ages as $i => $months) {
            $id = 'child-'.$i;
            $this->children[$id] = new Child($id, 'Child '.$i, $start->plusDays(-(int) round($months * self::DAYS_A_MONTH) - 3));
            $this->beginnings[$id] = Life::begin($map, $simulator, $months, 10 * $number + $i, $start);
            $this->lives[$id] = new PlannedLife($this->beginning($id), $map);
        }
    }

    /** The child as it was at the beginning, to live the same days in another way. */
    public function beginning(string $childId): Life
    {
        return $this->beginnings[$childId]->with($this->parent, $this->choosing, 80_000 + 10 * $this->number + (int) substr($childId, -1));
    }

    /** @return array<string, Child> those who are there on a day */
    public function there(LocalDate $on): array
    {
        return array_filter($this->children, fn (Child $child): bool => !$this->lives[$child->id]->life->child->isMissed($on));
    }

    /**
     * @param array<string, Child> $children
     * @param list<Span>           $windows
     */
    public function request(LocalDate $on, array $children, array $windows): DayRequest
    {
        return new DayRequest(
            $on,
            $on->dayNumber,
            array_values(array_map(fn (Child $child): Learner => new Learner(
                $child,
                $this->lives[$child->id]->life->record,
                $child->minutesOn($on),
                [],
                $this->lives[$child->id]->life->resting,
            ), $children)),
            $windows,
            $this->things,
            [Place::Table, Place::Floor, Place::Outdoors],
            repertoire: Repertoire::on($on, array_values($this->used)),
            // Nobody sits down on a Sunday.
            inWeek: (new InWeek($on->weekday() - 1, max(0, 6 - $on->weekday())))->after($this->lived, $on),
        );
    }

    /** @return list<array{Activity, int, LocalDate}> what came about: how often, and when first */
    public function used(): array
    {
        return array_values($this->used);
    }

    /** Days of two sittings each, not planned: what a child was readiest for at the beginning of each week, a step after the other. */
    public function practise(LocalDate $from, int $days): void
    {
        foreach ($this->lives as $one) {
            [$life, $ready] = [$one->life, []];
            for ($day = 0; $day < $days; ++$day) {
                $on = $from->plusDays($day);
                $ready = 0 === $day % 7 ? Ranking::of($life->record, $on, self::QUESTIONS, choosing: $this->choosing) : $ready;
                foreach (\array_slice($ready, 2 * ($day % 7), 2) as $nth => $ranked) {
                    $questions = array_map(
                        static fn (int $i): Question => Life::question($ranked->step->id, $day + $i, Level::At),
                        range(1, self::QUESTIONS),
                    );
                    $number = $on->dayNumber;
                    // With one game and one thing nothing is ever known for sure.
                    $with = ['practice-'.$number % 3, ['thing-'.$number % 2]];
                    $life->sit($questions, [$ranked->step->id], new Spot($on, \sprintf('%05d-%d', $number, $nth), 540 + 20 * $nth, ...$with));
                }
            }
        }
    }

    public function live(DayPlan $plan): void
    {
        $this->lived[] = LivedDay::of($plan->date, $plan->setUps);
        foreach ($plan->setUps as $setUp) {
            $before = $this->used[$setUp->activity->id] ?? [$setUp->activity, 0, $plan->date];
            $this->used[$setUp->activity->id] = [$setUp->activity, $before[1] + 1, $before[2]];
            foreach ($setUp->sittings as $sitting) {
                $this->lives[$sitting->childId]->sit($setUp, $sitting, $plan->date);
            }
        }
    }
}
