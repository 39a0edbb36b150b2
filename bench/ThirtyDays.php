<?php

declare(strict_types=1);

namespace Pindle\Bench;

use Pindle\Core\Activity\Catalogue;
use Pindle\Core\Activity\Place;
use Pindle\Core\Advice\Choosing;
use Pindle\Core\Advice\Reason;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Caution\Cautions;
use Pindle\Core\Child\Child;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Planning\Course;
use Pindle\Core\Planning\DayPlan;
use Pindle\Core\Planning\DayRequest;
use Pindle\Core\Planning\Learner;
use Pindle\Core\Planning\Outlook;
use Pindle\Core\Planning\PlanCheck;
use Pindle\Core\Planning\Planner;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Simulation\SimulatedParent;
use Pindle\Core\Simulation\Simulator;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Thing\Thing;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * Thirty days of real day plans in made-up households of one to three children: planned by the real planner from a real cupboard, with days
 * on which nothing comes of it, answered by simulated children and noted by a simulated parent. The same children then live the same days
 * in the abstract bench, with as many sittings.
 */
final class ThirtyDays
{
    public const DAY = ['sittings a day', 'minutes a day', 'activities a week', 'activities in the month', 'steps a week', 'courses a sitting'];
    public const SITTING = [
        'looks and checks', 'on known steps, looks aside', 'far above', 'far below', 'days with one far off', 'most tries at one step', 'stuck steps',
    ];
    public const LEARNT = ['sittings', 'learnt', 'learnt by as many abstract ones', 'found', 'false'];

    private const DAYS = 30;
    private const WEEK = 7;

    /** Of a hundred weekdays so many come to nothing. */
    private const LOST_DAYS = 20;
    private const KINDS = [25, 45, 70];
    private const MOST_CHILDREN = 3;

    private readonly Planner $planner;
    private readonly Outlook $outlook;
    private readonly PlanCheck $check;
    private readonly SixtyDays $abstract;

    public int $plans = 0;

    /** @var list<string> rules that a plan breaks, and where */
    public array $problems = [];

    /** @param list<Thing> $shipped */
    public function __construct(
        private readonly SkillMap $map,
        Catalogue $catalogue,
        Cautions $cautions,
        private readonly array $shipped,
        private readonly Figures $figures,
        private readonly Choosing $choosing = new Choosing(),
    ) {
        $this->planner = new Planner($map, $catalogue, $cautions, $choosing);
        $this->outlook = new Outlook($this->planner, $choosing);
        $this->check = new PlanCheck($cautions);
        $this->abstract = new SixtyDays($map, $catalogue, new Figures());
    }

    public function household(Simulator $simulator, SimulatedParent $parent, int $number): void
    {
        $start = LocalDate::parse('2026-01-04');
        $random = new Randomizer(new Xoshiro256StarStar(30_000 + $number));
        $things = \array_slice($random->shuffleArray($this->shipped), 0, self::KINDS[$number % \count(self::KINDS)]);
        $ages = \array_slice($random->shuffleArray(FirstLookBench::AGES), 0, 1 + $number % self::MOST_CHILDREN);
        $house = new House($this->map, $simulator, $parent, $this->choosing, $ages, $things, $number, $start);
        $lived = 0;
        $ahead = null;
        $windows = [new Span(540, 580), new Span(780, 810)];
        for ($day = 1; $day <= self::DAYS; ++$day) {
            $on = $start->plusDays($day);
            $there = $house->there($on);
            if (1 === $day % self::WEEK) {
                $ahead?->count($this->figures, $parent->value);
                $ahead = $day + self::WEEK > self::DAYS ? null : Ahead::at($this->outlook, $house, $on, $windows);
            }
            if (0 !== $day % self::WEEK && $random->getInt(1, 100) > self::LOST_DAYS && [] !== $there) {
                ++$lived;
                $plan = $this->plan($house->request($on, $there, $windows));
                $ahead?->live($plan, $this->figures, $parent->value);
                $house->live($plan);
            }
        }
        $end = $start->plusDays(self::DAYS);
        foreach ($house->lives as $id => $life) {
            $life->count($this->figures, $parent->value, $lived);
            $days = [];
            foreach ($life->days as $dayNumber => $sittings) {
                $days[$dayNumber - $start->dayNumber] = $sittings;
            }
            $abstract = $house->beginning($id);
            $this->abstract->live($abstract, new Run('', Way::Pindle, $parent, $this->choosing), $start, $days);
            $this->figures->add($parent->value, 'sittings', (float) $life->life->sittings);
            $this->figures->add($parent->value, 'learnt', (float) \count(array_diff_key($life->life->knows($end), $life->life->before)));
            $this->figures->add(
                $parent->value,
                'learnt by as many abstract ones',
                (float) \count(array_diff_key($abstract->knows($end), $abstract->before)),
            );
            $life->life->countMarks($this->figures, $parent->value, $end);
        }
    }

    private function plan(DayRequest $request): DayPlan
    {
        $plan = $this->planner->plan($request);
        ++$this->plans;
        foreach ($this->check->problems($request, $plan) as [$problem, $where]) {
            $this->problems[] = $request->date->toString().' '.$problem->value.': '.$where;
        }

        return $plan;
    }
}
