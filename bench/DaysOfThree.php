<?php

declare(strict_types=1);

namespace Pindle\Bench;

use Pindle\Core\Activity\Catalogue;
use Pindle\Core\Advice\Choosing;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Caution\Cautions;
use Pindle\Core\Planning\DayPlan;
use Pindle\Core\Planning\Planner;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Planning\Weights;
use Pindle\Core\Simulation\SimulatedParent;
use Pindle\Core\Simulation\Simulator;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Thing\Thing;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Four weeks of a household of three as its parent lives them: what is laid out, how often they change over, whose turn comes, what is new. */
final class DaysOfThree
{
    public const DAY = ['lay-outs', 'set-ups', 'shared', 'switches', 'new to the parent', 'kinds to fetch', 'questions', 'same game again'];
    public const FAIR = ['share of minutes', 'worst-off', 'minutes of the eldest', 'most at once of the eldest', 'in twenty minutes a turn for everyone'];
    public const MONTH = ['activities in four weeks, under five', 'activities in four weeks, five and over', 'learnt by the three'];

    private const WEEKS = 4;
    private const FIVE = 60;
    private const KINDS = 60;
    private const WINDOWS = [[540, 580], [780, 805]];
    private const TWENTY = [[540, 560]];

    private readonly Planner $planner;

    /** @param list<Thing> $shipped */
    public function __construct(
        private readonly SkillMap $map,
        Catalogue $catalogue,
        Cautions $cautions,
        private readonly array $shipped,
        private readonly Figures $figures,
        Weights $weights = new Weights(),
    ) {
        $this->planner = new Planner($map, $catalogue, $cautions, weights: $weights);
    }

    public function household(string $row, Simulator $simulator, int $number): void
    {
        $start = LocalDate::parse('2026-01-04');
        $random = new Randomizer(new Xoshiro256StarStar(40_000 + $number));
        $things = \array_slice($random->shuffleArray($this->shipped), 0, self::KINDS);
        $ages = \array_slice($random->shuffleArray(FirstLookBench::AGES), 0, 3);
        rsort($ages);
        $house = new House($this->map, $simulator, SimulatedParent::TapsAll, new Choosing(), $ages, $things, 1000 + $number, $start);
        $known = [];
        $of = [];
        for ($day = 1; $day <= 7 * self::WEEKS; ++$day) {
            if (0 === $day % 7) {
                continue;
            }
            $on = $start->plusDays($day);
            $short = $this->planner->plan($house->request($on, $house->children, self::spans(self::TWENTY)));
            $everyone = \count(array_unique(array_merge(...array_map(static fn (SetUp $setUp): array => $setUp->childIds(), $short->setUps))));
            $this->figures->add($row, 'in twenty minutes a turn for everyone', 3 === $everyone ? 1.0 : 0.0);
            $plan = $this->planner->plan($house->request($on, $house->children, self::spans(self::WINDOWS)));
            $this->countDay($row, $plan, $house, $known);
            foreach ($plan->setUps as $setUp) {
                $known[$setUp->activity->id] = ($known[$setUp->activity->id] ?? 0) + 1;
                foreach ($setUp->sittings as $sitting) {
                    $of[$sitting->childId][$setUp->activity->id] = true;
                }
            }
            $house->live($plan);
        }
        $learnt = 0;
        foreach ($house->lives as $id => $life) {
            $band = $life->life->months < self::FIVE ? 'under five' : 'five and over';
            $this->figures->add($row, 'activities in four weeks, '.$band, (float) \count($of[$id] ?? []));
            $learnt += \count(array_diff_key($life->life->knows($start->plusDays(7 * self::WEEKS)), $life->life->before));
        }
        $this->figures->add($row, 'learnt by the three', (float) $learnt);
    }

    /** @param array<string, int> $known activity id => how often it was used before */
    private function countDay(string $row, DayPlan $plan, House $house, array $known): void
    {
        $shared = $laid = $kinds = $questions = $switches = $again = 0;
        $new = $played = [];
        $before = null;
        $minutes = $longest = array_fill_keys(array_keys($house->children), 0);
        foreach ($plan->setUps as $setUp) {
            $laid += $setUp->activity->needsNothing() ? 0 : 1;
            $shared += \count($setUp->sittings) > 1 ? 1 : 0;
            $kinds += \count(array_unique(array_column(array_map(static fn ($one): array => [$one->thing->id], $setUp->laid), 0)));
            $switches += null !== $before && $before !== $setUp->childIds() ? 1 : 0;
            $before = $setUp->childIds();
            if (!isset($known[$setUp->activity->id])) {
                $new[$setUp->activity->id] = true;
            }
            foreach ($setUp->sittings as $sitting) {
                $again += isset($played[$sitting->childId][$setUp->activity->id]) ? 1 : 0;
                $played[$sitting->childId][$setUp->activity->id] = true;
                $questions += \count($sitting->questions);
                $minutes[$sitting->childId] += $setUp->span->minutes();
                $longest[$sitting->childId] = max($longest[$sitting->childId], $setUp->span->minutes());
            }
        }
        $shares = [];
        foreach ($house->children as $id => $child) {
            $shares[$id] = min(1.0, $minutes[$id] / $child->minutesOn($plan->date));
        }
        foreach ([
            'lay-outs' => $laid,
            'set-ups' => \count($plan->setUps),
            'shared' => $shared,
            'switches' => $switches,
            'new to the parent' => \count($new),
            'kinds to fetch' => $kinds,
            'questions' => $questions,
            'same game again' => $again,
            'share of minutes' => array_sum($shares) / \count($shares),
            'worst-off' => min([1.0, ...array_values($shares)]),
            'minutes of the eldest' => reset($minutes),
            'most at once of the eldest' => reset($longest),
        ] as $measure => $value) {
            $this->figures->add($row, $measure, (float) $value);
        }
    }

    /**
     * @param list<array{int, int}> $windows
     *
     * @return list<Span>
     */
    private static function spans(array $windows): array
    {
        return array_map(static fn (array $window): Span => new Span(...$window), $windows);
    }
}
