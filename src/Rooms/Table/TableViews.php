<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Table;

use Pindle\App\Content\ActivityWords;
use Pindle\App\Content\Words;
use Pindle\App\Household\Activities;
use Pindle\App\Household\Children;
use Pindle\App\Household\House;
use Pindle\App\Household\Things;
use Pindle\App\Plan\StoredResult;
use Pindle\App\Plan\StoredSetUp;
use Pindle\App\Plan\StoredSitting;
use Pindle\App\Platform\Clock;
use Pindle\App\Record\Evidence;
use Pindle\App\Views\LaidView;
use Pindle\App\Views\Reasons;
use Pindle\App\Views\Views;
use Pindle\App\Views\Wants;
use Pindle\Core\Activity\HouseRule;
use Pindle\Core\Activity\Prop;
use Pindle\Core\Child\Asking;
use Pindle\Core\Child\Child;
use Pindle\Core\Child\Settings;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\ClosingMark;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Ladder;
use Pindle\Core\Question\Question;
use Pindle\Core\Skill\Form;
use Pindle\Core\Skill\SkillMap;

/** Writes a set-up out for the table: what to lay out, say and look for, and every question with its picture. */
final readonly class TableViews
{
    public function __construct(
        private Evidence $evidence,
        private Children $children,
        private Things $things,
        private Activities $activities,
        private Words $words,
        private Views $views,
        private Reasons $reasons,
        private TurnViews $turns,
        private Advices $advices,
        private SkillMap $map,
        private Measured $measured,
        private House $house,
        private Wants $wants,
        private Clock $clock,
    ) {
    }

    public function of(StoredSetUp $stored): TableView
    {
        $setUp = $stored->setUp;
        $words = $this->activities->words($setUp->activity->id);
        $children = [];
        foreach ($this->children->present($stored->date) as $child) {
            $children[$child->id] = $child;
        }
        $threads = $this->children->threads();
        $records = $this->evidence->records(array_values(array_intersect_key($children, $stored->sittings)));
        $closed = $this->evidence->closed($stored->sittingIds());
        $happened = $this->turns->happened($stored);

        return new TableView(
            $setUp->key,
            $stored->isDone(),
            $words->name,
            $words->inShort,
            $this->words->say('places', $setUp->place),
            $this->words->say('parts', $setUp->part),
            $this->views->layOut($words, $setUp),
            $setUp->span->start,
            $setUp->span->end,
            $this->gather($stored),
            $this->measured->of($setUp),
            $words->show,
            $words->predict,
            $words->easier,
            $words->further,
            $words->childTurn,
            self::forElder($words->twist, $this->elder($stored)),
            self::forLittleOne($words->toddler, $this->littleOne($stored)),
            $words->check,
            $words->tidy,
            $words->waiting,
            [Help::Shown->value => $words->shown, Help::PartDone->value => $words->partDone, Help::Bare->value => $words->bare],
            $stored->isDone() ? [] : $this->views->cautions($setUp->warnings),
            array_values(array_map(
                fn (StoredSitting $sitting): SeatView => $this->seat(
                    $stored,
                    $sitting,
                    $words,
                    $children,
                    $threads,
                    $records,
                    $happened,
                    $closed[$sitting->id] ?? null,
                ),
                $stored->sittings,
            )),
            $this->turns->turns($stored, $words, $children, $records, $happened),
            array_merge(...array_values(array_map(
                fn (StoredSitting $sitting): array => array_map(
                    fn (StoredResult $result): EndView => $this->end($sitting->sitting->childId, $result, $children),
                    $sitting->results,
                ),
                $stored->sittings,
            ))),
            !\in_array(HouseRule::NoScreen, $this->house->rules(), true),
            \in_array(HouseRule::NoNoting, $this->house->rules(), true),
            $stored->note,
        );
    }

    /**
     * @param array<string, Child>       $children
     * @param array<string, int>         $threads
     * @param array<string, ChildRecord> $records
     * @param array<string, array<string, int>> $happened
     */
    private function seat(
        StoredSetUp $of,
        StoredSitting $stored,
        ActivityWords $words,
        array $children,
        array $threads,
        array $records,
        array $happened,
        ?ClosingMark $closing,
    ): SeatView {
        $sitting = $stored->sitting;
        $record = $records[$sitting->childId] ?? ChildRecord::blank($this->map);
        $course = $sitting->course();
        $settings = self::settings($children, $sitting->childId);
        $helps = $sure = [];
        foreach ($sitting->courses as $one) {
            $helps[$one->stepId] = isset($records[$sitting->childId]) ? Ladder::help($record->state($one->stepId)) : $one->help;
            $sure = $record->state($one->stepId)->standing->isCanDo() ? [...$sure, $one->stepId] : $sure;
        }

        return new SeatView(
            $stored->id,
            $sitting->childId,
            ($children[$sitting->childId] ?? null)->name ?? $this->words->say('stand_ins', 'someone'),
            $threads[$sitting->childId] ?? 0,
            $this->views->step($course->stepId),
            null === $course->form ? null : $this->words->say('forms', $course->form),
            isset($sitting->courses[1]) ? $this->views->step($sitting->courses[1]->stepId) : null,
            $helps,
            $sure,
            Asking::SayAlong === $settings->asking,
            [
                ...\in_array($course->form, [Form::Things, Form::Pictures], true) ? [$this->words->say('looking', $settings->wayIn)] : [],
                ...Asking::SayAlong === $settings->asking ? [$this->words->say('asking', $settings->asking)] : [],
                $this->words->say('after_mistakes', $settings->afterMistake),
            ],
            $closing,
            $this->advices->script(
                $this->map->step($course->stepId),
                $course->form,
                $record,
                $stored->offered,
                $of->isDone() ? [] : $this->turns->spares($of, $stored, $words, $children, $records, $happened),
            ),
        );
    }

    /** @return list<GatherView> what to lay out, each with where it is kept */
    private function gather(StoredSetUp $stored): array
    {
        $keptAt = $this->things->keptAt();
        $made = $this->wants->keptAt($stored);
        $setUp = $stored->setUp;

        return [
            ...array_map(
                static fn (LaidView $laid): GatherView => new GatherView($laid->inWords(), $laid->picture, $keptAt[$laid->thingId] ?? null),
                $this->views->laid($setUp),
            ),
            ...array_map(static fn (Prop $prop): GatherView => new GatherView($prop->thing->name, null, $made[$prop->id] ?? null), $setUp->props),
        ];
    }

    /** What an elder child of the house could do at the same lay-out; null where there is none. */
    private static function forElder(string $words, ?Child $child): ?string
    {
        return null === $child ? null : (string) preg_replace('/^An elder\b/', $child->name, $words);
    }

    /** The job of a little one; null where there is none. */
    private static function forLittleOne(string $words, ?Child $child): ?string
    {
        return null === $child ? null : $child->name.' '.lcfirst($words);
    }

    /** The eldest child of the house who is not at it, if a year or more older than all who are. */
    private function elder(StoredSetUp $stored): ?Child
    {
        [$at, $others] = $this->atAndOthers($stored);
        $eldest = [] === $at ? 0 : max(array_map($this->months(...), $at));
        $elder = array_filter($others, fn (Child $child): bool => $this->months($child) >= $eldest + 12);
        usort($elder, fn (Child $a, Child $b): int => $this->months($b) <=> $this->months($a));

        return $elder[0] ?? null;
    }

    /** A child of the house who is not at it, walks and is under three. */
    private function littleOne(StoredSetUp $stored): ?Child
    {
        $little = array_filter($this->atAndOthers($stored)[1], fn (Child $child): bool => $this->months($child) >= 12 && $this->months($child) < 36);

        return array_values($little)[0] ?? null;
    }

    /** @return array{list<Child>, list<Child>} children of the house who are at it, and who are not */
    private function atAndOthers(StoredSetUp $stored): array
    {
        $present = $this->children->present($this->clock->today());
        $isAt = static fn (Child $child): bool => \in_array($child->id, $stored->setUp->childIds(), true);

        $at = array_filter($present, $isAt);

        return [array_values($at), array_values(array_diff_key($present, $at))];
    }

    private function months(Child $child): int
    {
        return $child->ageInMonths($this->clock->today());
    }

    /** @param array<string, Child> $children */
    private static function settings(array $children, string $childId): Settings
    {
        return ($children[$childId] ?? null)->settings ?? new Settings();
    }

    /** @param array<string, Child> $children */
    private function end(string $childId, StoredResult $result, array $children): EndView
    {
        $name = ($children[$childId] ?? null)->name ?? $this->words->say('stand_ins', 'someone');

        return new EndView(
            $childId,
            $name,
            $this->views->step($result->course->stepId),
            $result->kind,
            $this->words->say('decision_names', $result->kind),
            $this->reasons->ofDecision($result->reason, $result->values, $name),
            null === $result->remedy ? null : $this->words->say('remedies', $result->remedy),
            array_map(fn (string $step): string => $this->words->step($this->map->step($step)), $result->opens),
            $result->course->before,
            $result->after,
            $result->comes?->toString(),
        );
    }
}
