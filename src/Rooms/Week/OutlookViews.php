<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Week;

use Pindle\App\Content\Words;
use Pindle\App\Household\Activities;
use Pindle\App\Household\Children;
use Pindle\App\Household\Things;
use Pindle\App\Plan\LookAhead;
use Pindle\App\Plan\ManyDays;
use Pindle\App\Plan\Plans;
use Pindle\App\Plan\Requests;
use Pindle\App\Plan\SetUpInShort;
use Pindle\App\Platform\Clock;
use Pindle\App\Views\Lacks;
use Pindle\App\Views\Wants;
use Pindle\Core\Activity\Part;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Child\Child;
use Pindle\Core\Planning\Course;
use Pindle\Core\Planning\InWeek;
use Pindle\Core\Planning\OutlookDay;
use Pindle\Core\Planning\Planner;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Planning\WhyWaits;
use Pindle\Core\Skill\SkillMap;

/** Writes an outlook out, day by day, and what it comes to. */
final readonly class OutlookViews
{
    /** So many things to save up are named, of so many activities that would do the children good. */
    private const SAVE = 3;
    private const WEIGHED = 25;

    public function __construct(
        private LookAhead $ahead,
        private ManyDays $days,
        private Plans $plans,
        private Requests $requests,
        private Planner $planner,
        private Children $children,
        private Things $things,
        private Activities $activities,
        private Wants $wants,
        private Lacks $lacks,
        private Words $words,
        private SkillMap $map,
        private Clock $clock,
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
        yield new OutlookLineView(end: new OutlookEndView(
            $this->waits($outlook->getReturn()),
            $this->missed($from, $comes),
            $this->wants->open($this->wants->ofSetUps($setUps, $this->clock->today()), $this->clock->today()),
            $this->save($setUps),
        ));
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

    /**
     * @param array<string, array<string, WhyWaits>> $waits child id => strand => why
     *
     * @return list<WaitsView>
     */
    private function waits(array $waits): array
    {
        $views = [];
        foreach ($this->children->present($this->clock->today()) as $child) {
            $strands = [];
            foreach ($waits[$child->id] ?? [] as $strand => $why) {
                $strands[$why->value][] = $this->words->say('strands', $strand);
            }
            foreach ($strands as $why => $waiting) {
                $views[] = new WaitsView($child->id, $child->name, $this->words->list($waiting), $this->words->say('waits', $why));
            }
        }

        return $views;
    }

    /**
     * What becomes of the days of the week that were planned and did not come about.
     *
     * @param array<string, array<string, LocalDate>> $comes child id => step => the day it comes now
     *
     * @return array<string, string> date => words
     */
    private function missed(LocalDate $from, array $comes): array
    {
        $said = [];
        $names = [];
        foreach ($this->children->present($this->clock->today()) as $child) {
            $names[$child->id] = $child->name;
        }
        foreach ($this->days->inShort($from, $this->clock->today()->plusDays(-1)) as $date => $setUps) {
            if ([] !== array_filter($setUps, static fn (SetUpInShort $setUp): bool => $setUp->isDone)) {
                continue;
            }
            $again = [];
            foreach ($setUps as $setUp) {
                foreach ($setUp->steps as $childId => $steps) {
                    foreach ($steps as $stepId) {
                        $day = $this->map->has($stepId) ? $comes[$childId][$stepId] ?? null : null;
                        $again += null === $day || !isset($names[$childId]) ? [] : [$childId.$stepId => $this->words->say('week', 'again', [
                            'child' => $names[$childId],
                            'step' => $this->step($stepId),
                            'day' => $this->words->weekday($day),
                        ])];
                    }
                }
            }
            $said[$date] = $this->words->say('week', [] === $again ? 'let-go' : 'moved', [
                'again' => [] === $again ? '' : $this->words->list(array_values($again)),
            ]);
        }

        return $said;
    }

    /**
     * What would serve what the children are ready for, if only the house had the things for it.
     *
     * @param list<SetUp> $setUps that come anyway
     *
     * @return list<SaveView>
     */
    private function save(array $setUps): array
    {
        $today = $this->clock->today();
        $serves = array_diff_key(
            $this->planner->wouldServe($this->requests->of($this->plans->day($today), [], [])),
            array_flip(array_map(static fn (SetUp $setUp): string => $setUp->activity->id, $setUps)),
        );
        $children = $this->children->present($today);
        $save = [];
        foreach (\array_slice($serves, 0, self::WEIGHED) as $id => $step) {
            $activity = $this->activities->catalogue()->activity($id);
            $lack = $this->lacks->sample($activity, $this->things->present(), $children, $today, $step)->lack;
            if (null !== $lack && $lack->canBeSavedUp() && \count($save) < self::SAVE) {
                $said = $this->lacks->words($lack, $children, $today);
                $save[$said] ??= new SaveView($id, $this->activities->words($id)->name, $said);
            }
        }

        return array_values($save);
    }

    private function step(string $stepId): string
    {
        return $this->words->step($this->map->step($stepId));
    }
}
