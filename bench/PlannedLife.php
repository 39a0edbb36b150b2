<?php

declare(strict_types=1);

namespace Pindle\Bench;

use Pindle\Core\Advice\Reason;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Planning\Course;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Planning\Sitting;
use Pindle\Core\Skill\SkillMap;

/** One child's month of planned sittings, and what a parent would say of it: how many, how varied, how far from where the child is. */
final class PlannedLife
{
    private const WEEK = 7;

    /** @var array<int, int> day number => sittings */
    public array $days = [];

    private int $minutes = 0;
    private int $courses = 0;
    private int $looks = 0;
    private int $onKnown = 0;
    private int $above = 0;
    private int $below = 0;

    /** @var array<int, true> day numbers */
    private array $daysFarOff = [];

    /** @var array<int, array<string, true>> week => activity ids */
    private array $activities = [];

    /** @var array<int, array<string, true>> week => step ids */
    private array $steps = [];

    public function __construct(public readonly Life $life, private readonly SkillMap $map)
    {
    }

    public function sit(SetUp $setUp, Sitting $sitting, LocalDate $on): void
    {
        $day = $on->dayNumber;
        $this->days[$day] = ($this->days[$day] ?? 0) + 1;
        $week = intdiv($day, self::WEEK);
        $this->activities[$week][$setUp->activity->id] = true;
        $this->minutes += $setUp->span->minutes();
        $this->courses += \count($sitting->courses);
        foreach ($sitting->courses as $course) {
            $this->steps[$week][$course->stepId] = true;
        }
        $main = $sitting->course();
        if ($main->reason->isLook() || Reason::CheckDue === $main->reason) {
            ++$this->looks;
        } else {
            $this->onKnown += $this->life->child->knows($main->stepId, $on) ? 1 : 0;
            $above = $this->isFarAbove($main, $on);
            $below = $this->isFarBelow($main, $on);
            $this->above += $above ? 1 : 0;
            $this->below += $below ? 1 : 0;
            if ($above || $below) {
                $this->daysFarOff[$day] = true;
            }
        }
        $this->life->sit(
            $sitting->questions,
            array_map(static fn (Course $course): string => $course->stepId, $sitting->courses),
            new Spot($on, \sprintf('%05d-%04d', $day, $setUp->span->start), $setUp->span->start, $setUp->activity->id, $setUp->thingIds()),
        );
    }

    /** @param int $lived days of the month on which the household sat down at all */
    public function count(Figures $figures, string $row, int $lived): void
    {
        $sittings = $this->life->sittings;
        $new = [];
        $seen = [];
        foreach ($this->activities as $week => $ids) {
            $new[$week] = \count(array_diff_key($ids, $seen));
            $seen += $ids;
        }
        $mean = static fn (float|int $of, float|int $over): float => 0 === $over ? 0.0 : $of / $over;
        $weeks = \count($this->activities);
        foreach ([
            'sittings a day' => $mean($sittings, $lived),
            'minutes a day' => $mean($this->minutes, $lived),
            'activities a week' => $mean(array_sum(array_map(\count(...), $this->activities)), $weeks),
            'activities in the month' => \count($seen),
            'steps a week' => $mean(array_sum(array_map(\count(...), $this->steps)), $weeks),
            'courses a sitting' => $mean($this->courses, $sittings),
            'looks and checks' => $mean($this->looks, $sittings),
            'on known steps, looks aside' => $mean($this->onKnown, $sittings - $this->looks),
            'far above' => $mean($this->above, $sittings),
            'far below' => $mean($this->below, $sittings),
            'days with one far off' => $mean(\count($this->daysFarOff), \count($this->days)),
            'most tries at one step' => $this->life->mostTries(),
            'stuck steps' => \count(array_filter($this->map->steps, fn ($step): bool => Mark::CanDo !== $this->life->record->mark($step->id)
                && $this->life->record->state($step->id)->window->isStuck())),
        ] as $measure => $value) {
            $figures->add($row, $measure, (float) $value);
        }
    }

    /** Two rungs too high: the step is not known, and neither is something that one of its needs stands on. */
    private function isFarAbove(Course $course, LocalDate $on): bool
    {
        if ($this->life->child->knows($course->stepId, $on)) {
            return false;
        }
        foreach ($this->map->step($course->stepId)->needs as $need) {
            foreach ($this->life->child->knows($need, $on) ? [] : $this->map->step($need)->needs as $under) {
                if (!$this->life->child->knows($under, $on)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** Two rungs too low: the step is known, and so is all that builds on it. */
    private function isFarBelow(Course $course, LocalDate $on): bool
    {
        $over = $this->map->dependents($course->stepId);
        $known = array_filter($over, fn (string $id): bool => $this->life->child->knows($id, $on));

        return [] !== $over && \count($known) === \count($over) && $this->life->child->knows($course->stepId, $on);
    }
}
