<?php

declare(strict_types=1);

namespace Pindle\Bench;

use Pindle\Core\Activity\Part;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Planning\DayAhead;
use Pindle\Core\Planning\DayPlan;
use Pindle\Core\Planning\InWeek;
use Pindle\Core\Planning\Outlook;
use Pindle\Core\Planning\SetUp;

/** An outlook of a week held against the week as it then went, and the shape of that week. */
final class Ahead
{
    public const MEASURES = [
        'outlooked steps met in the week', 'met steps that were outlooked', 'outlooked strands met in the week', 'outlooked activities laid out in the week',
    ];
    public const SHAPE = [
        'steps of a week on two days or more', 'with other things', 'brand new in the first half', 'days a look waits', 'with-heavy days in a row',
    ];

    private const WEEK = 6;
    private const HEAVY = InWeek::HEAVY;

    /** @var array<string, array<string, true>> child id => steps in the outlook */
    private array $expected = [];

    /** @var array<string, true> activity ids in the outlook */
    private array $activities = [];

    /** @var array<string, array<string, array<int, list<string>>>> child id => step id => day => things it was met with */
    private array $met = [];

    /** @var array<string, true> activity ids */
    private array $laidOut = [];

    /** @var array<int, list<string>> day of the week => brand new steps */
    private array $brandNew = [];

    /** @var array<int, int> day => minutes with the parent */
    private array $with = [];

    private function __construct(private readonly House $house, private readonly LocalDate $from)
    {
    }

    /** @param list<Span> $windows of each day */
    public static function at(Outlook $outlook, House $house, LocalDate $from, array $windows): self
    {
        $ahead = new self($house, $from);
        $days = array_map(
            static fn (int $day): DayAhead => new DayAhead($house->request($from->plusDays($day), $house->there($from->plusDays($day)), $windows)),
            range(0, self::WEEK - 1),
        );
        foreach ($outlook->of($days, $house->used(), $house->lived) as $day) {
            foreach (array_keys($house->children) as $childId) {
                $ahead->expected[$childId] = ($ahead->expected[$childId] ?? []) + array_fill_keys($day->stepsOf($childId), true);
            }
            foreach ($day->setUps as $setUp) {
                $ahead->activities[$setUp->activity->id] = true;
            }
        }

        return $ahead;
    }

    /** The week goes on with a day that came about. */
    public function live(DayPlan $plan, Figures $figures, string $row): void
    {
        $day = $this->from->daysUntil($plan->date);
        $this->with[$day] = 0;
        foreach ($plan->setUps as $setUp) {
            $this->laidOut[$setUp->activity->id] = true;
            $this->with[$day] += Part::With === $setUp->part ? $setUp->span->minutes() : 0;
            foreach ($setUp->sittings as $sitting) {
                foreach ($sitting->courses as $course) {
                    $this->met[$sitting->childId][$course->stepId][$day] = $setUp->thingIds();
                    if ($course->brandNew) {
                        $this->brandNew[$day][] = $course->stepId;
                    }
                    $record = $this->house->lives[$sitting->childId]->life->record;
                    $due = $course->reason->isLook() ? $record->nextLook($course->stepId) : null;
                    if (null !== $due) {
                        $figures->add($row, 'days a look waits', (float) max(0, $due->daysUntil($plan->date)));
                    }
                }
            }
        }
    }

    public function count(Figures $figures, string $row): void
    {
        $met = array_map(static fn (array $steps): array => array_map(static fn (): bool => true, $steps), $this->met);
        foreach ($this->house->children as $childId => $child) {
            [$expected, $then] = [$this->expected[$childId] ?? [], $met[$childId] ?? []];
            $both = \count(array_intersect_key($expected, $then));
            if ([] !== $then) {
                [] === $expected || $figures->add($row, 'outlooked steps met in the week', $both / \count($expected));
                $figures->add($row, 'met steps that were outlooked', $both / \count($then));
                [$strands, $strandsMet] = [$this->strands($childId, $expected), $this->strands($childId, $then)];
                [] === $strands || $figures->add(
                    $row,
                    'outlooked strands met in the week',
                    \count(array_intersect_key($strands, $strandsMet)) / \count($strands),
                );
            }
            $life = $this->house->lives[$childId]->life;
            foreach ($this->met[$childId] ?? [] as $stepId => $days) {
                // What rests beyond the week, or can be done, has no second day to have.
                $rests = ($life->resting[$stepId] ?? null)?->isAfter($this->from->plusDays(self::WEEK - 1)) ?? false;
                if (1 === \count($days) && ($rests || Mark::CanDo === $life->record->mark($stepId))) {
                    continue;
                }
                $figures->add($row, 'steps of a week on two days or more', \count($days) > 1 ? 1.0 : 0.0);
                // What is spoken or moved takes no things.
                if (\count($days) > 1 && !\in_array([], $days, true)) {
                    $figures->add($row, 'with other things', \count(array_unique(array_map(serialize(...), $days))) > 1 ? 1.0 : 0.0);
                }
            }
        }
        if ([] !== $this->activities && [] !== $this->laidOut) {
            $figures->add(
                $row,
                'outlooked activities laid out in the week',
                \count(array_intersect_key($this->activities, $this->laidOut)) / \count($this->activities),
            );
        }
        foreach ($this->brandNew as $day => $steps) {
            foreach ($steps as $_) {
                $figures->add($row, 'brand new in the first half', $day < self::WEEK / 2 ? 1.0 : 0.0);
            }
        }
        $before = null;
        foreach ($this->with as $minutes) {
            if (null !== $before && $before >= self::HEAVY) {
                $figures->add($row, 'with-heavy days in a row', $minutes >= self::HEAVY ? 1.0 : 0.0);
            }
            $before = $minutes;
        }
    }

    /**
     * @param array<string, true> $steps
     *
     * @return array<string, true>
     */
    private function strands(string $childId, array $steps): array
    {
        $map = $this->house->lives[$childId]->life->record->map;

        return array_fill_keys(array_map(static fn (string $id): string => $map->step($id)->skill->strand->value, array_keys($steps)), true);
    }
}
