<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Week;

use Pindle\App\Content\Words;
use Pindle\App\Household\Activities;
use Pindle\App\Household\Children;
use Pindle\App\Household\Things;
use Pindle\App\Plan\ManyDays;
use Pindle\App\Plan\Plans;
use Pindle\App\Plan\Requests;
use Pindle\App\Plan\SetUpInShort;
use Pindle\App\Platform\Clock;
use Pindle\App\Views\Lacks;
use Pindle\App\Views\Wants;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Child\Child;
use Pindle\Core\Planning\Planner;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Planning\WhyWaits;
use Pindle\Core\Skill\SkillMap;

/** Says what an outlook comes to: what waits and why, what becomes of days that did not happen, what to make, what to save up. */
final readonly class OutlookEnds
{
    /** So many things to save up are named, of so many activities that would do the children good. */
    private const SAVE = 3;
    private const WEIGHED = 25;

    public function __construct(
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

    /**
     * @param LocalDate                                 $from   the Monday of the week
     * @param array<string, array<string, WhyWaits>>    $waits  child id => strand => why
     * @param array<string, array<string, LocalDate>>   $comes  child id => step => the day it comes
     * @param list<SetUp>                               $setUps of the days ahead
     */
    public function of(LocalDate $from, array $waits, array $comes, array $setUps): OutlookEndView
    {
        $today = $this->clock->today();

        return new OutlookEndView(
            $this->waits($waits),
            $this->missed($from, $comes),
            $this->wants->open($this->wants->ofSetUps($setUps, $today), $today),
            $this->save($setUps),
        );
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
