<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Week;

use Pindle\App\Content\Words;
use Pindle\App\Household\Activities;
use Pindle\App\Household\Children;
use Pindle\App\Plan\LookAhead;
use Pindle\Core\Activity\Part;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Child\Child;
use Pindle\Core\Planning\Course;
use Pindle\Core\Planning\InWeek;
use Pindle\Core\Planning\OutlookDay;
use Pindle\Core\Skill\SkillMap;

/** Writes an outlook out, day by day. */
final readonly class OutlookViews
{
    public function __construct(
        private LookAhead $ahead,
        private OutlookEnds $ends,
        private Children $children,
        private Activities $activities,
        private Words $words,
        private SkillMap $map,
    ) {
    }

    /** @return \Generator<OutlookLineView> for the days of the week shown that are ahead */
    public function of(LocalDate $shown): \Generator
    {
        [$from, $to] = [$shown->monday(), $shown->monday()->plusDays(6)];
        $setUps = $comes = [];
        $outlook = $this->ahead->until($to);
        foreach ($outlook as $day) {
            foreach ($day->setUps as $setUp) {
                foreach ($setUp->sittings as $sitting) {
                    foreach ($sitting->courses as $course) {
                        $comes[$sitting->childId][$course->stepId] ??= $day->date;
                    }
                }
            }
            if (!$from->isAfter($day->date)) {
                array_push($setUps, ...$day->setUps);
                yield new OutlookLineView($this->day($day));
            }
        }
        yield new OutlookLineView(end: $this->ends->of($from, $outlook->getReturn(), $comes, $setUps));
    }

    private function day(OutlookDay $day): OutlookDayView
    {
        return new OutlookDayView(
            $day->date->toString(),
            $day->isPlanned,
            $day->withMinutes(),
            $day->withMinutes() >= InWeek::HEAVY,
            array_map(fn (Child $child): LikelyChildView => new LikelyChildView(
                $child->id,
                $this->setUps($day, $child->id),
                array_map($this->step(...), $day->due[$child->id] ?? []),
            ), $this->children->present($day->date)),
        );
    }

    /** @return list<LikelySetUpView> */
    private function setUps(OutlookDay $day, string $childId): array
    {
        $views = [];
        foreach ($day->setUps as $setUp) {
            $sitting = $setUp->sittingOf($childId);
            $views = null === $sitting ? $views : [...$views, new LikelySetUpView(
                $this->activities->words($setUp->activity->id)->name,
                $setUp->span->start,
                $setUp->span->end,
                Part::With === $setUp->part,
                \in_array($setUp->activity->id, $day->new, true),
                array_map(fn (Course $course): LikelyStepView => new LikelyStepView(
                    $this->step($course->stepId),
                    $this->words->say('strands', $this->map->step($course->stepId)->skill->strand),
                    match (true) {
                        $course->brandNew => Likely::BrandNew,
                        $course->reason->isLook() => Likely::Look,
                        default => Likely::GoesOn,
                    },
                ), $sitting->courses),
            )];
        }

        return $views;
    }

    private function step(string $stepId): string
    {
        return $this->words->step($this->map->step($stepId));
    }
}
