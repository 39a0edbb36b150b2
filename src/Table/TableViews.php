<?php

declare(strict_types=1);

namespace Pindle\App\Table;

use Pindle\App\Children\ChildrenRoom;
use Pindle\App\Platform\Content\Library;
use Pindle\App\Platform\View\Views;
use Pindle\App\Platform\Words;
use Pindle\App\Today\StoredSetUp;
use Pindle\Core\Activity\Prop;
use Pindle\Core\Caution\Caution;
use Pindle\Core\Caution\Cautions;
use Pindle\Core\Child\Child;
use Pindle\Core\Child\Settings;
use Pindle\Core\Evidence\Ladder;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Planning\Laid;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Planning\Sitting;
use Pindle\Core\Question\Ask;
use Pindle\Core\Skill\Form;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Thing\Thing;

/** Writes a set-up out for the table: what to lay out, say and look for, and every question with its picture. */
final readonly class TableViews
{
    public function __construct(
        private TryRepository $tries,
        private TableRoom $room,
        private ChildrenRoom $children,
        private Library $library,
        private Cautions $cautions,
        private Words $words,
        private Views $views,
        private SkillMap $map,
        private Measured $measured,
    ) {
    }

    public function of(StoredSetUp $stored): TableView
    {
        $setUp = $stored->setUp;
        $words = $this->library->familyWords($setUp->family->id);
        $children = [];
        foreach ($this->children->present() as $child) {
            $children[$child->id] = $child;
        }
        // One role may be split over two kinds.
        $first = array_values(array_filter($setUp->laid, static fn (Laid $laid): bool => $laid->roleId === $setUp->laid[0]->roleId));

        return new TableView(
            $setUp->key,
            $stored->isDone,
            $words->name,
            $words->inShort,
            $this->words->say('places', $setUp->place),
            $this->words->say('parts', $setUp->part),
            Words::fill($words->layOut, ['count' => array_sum(array_map(static fn (Laid $laid): int => $laid->count, $first)), 'things' => implode(' and ', array_map(static fn (Laid $laid): string => 1 === $laid->count ? $laid->thing->single : $laid->thing->name, $first)) ?: 'things']),
            [
                ...array_map(static fn (Laid $laid, string $name): string => $laid->count.' '.$name, $setUp->laid, $this->views->laid($setUp)),
                ...array_map(static fn (Prop $prop): string => $prop->thing->name, $setUp->props),
            ],
            $this->measured->of($setUp),
            $words->show,
            $words->predict,
            $words->easier,
            $words->further,
            $words->childTurn,
            $words->twist,
            $words->toddler,
            $words->check,
            $words->tidy,
            $words->waiting,
            ['shown' => $words->shown, 'part-done' => $words->partDone, 'bare' => $words->bare],
            array_map(fn (string $method): ChipView => new ChipView($method, $this->words->say('methods', $method)), $words->methods),
            array_map(fn (string $slip): ChipView => new ChipView($slip, $this->words->say('slips', $slip)), $words->slips),
            $this->cautions($setUp, $stored, array_values($children)),
            array_map(fn (Sitting $sitting): SeatView => $this->seat($sitting, $stored, $children), $setUp->sittings),
            $this->turns($setUp, $stored, $children),
            $this->ends($stored, $children),
        );
    }

    /** @param array<string, Child> $children */
    private function seat(Sitting $sitting, StoredSetUp $stored, array $children): SeatView
    {
        return new SeatView(
            $stored->sittingIds[$sitting->childId],
            $sitting->childId,
            ($children[$sitting->childId] ?? null)->name ?? 'someone who moved out',
            $this->children->threads()[$sitting->childId] ?? 0,
            $this->views->step($sitting->stepId),
            null === $sitting->form ? null : $this->words->say('forms', $sitting->form),
            isset($children[$sitting->childId]) ? Ladder::help($this->room->record($children[$sitting->childId])->state($sitting->stepId))->value : $sitting->help->value,
        );
    }

    /**
     * Children take turns at one pile; the order of each child's own questions stays.
     *
     * @param array<string, Child> $children
     *
     * @return list<TurnView>
     */
    private function turns(SetUp $setUp, StoredSetUp $stored, array $children): array
    {
        $done = [];
        foreach ($this->tries->ofSittings(array_values($stored->sittingIds)) as $try) {
            $done[$try->sittingId][$try->place] = new DoneTryView($try->id, $try->outcome->value, $try->help->value);
        }
        $thing = $setUp->laid[0]->thing->name ?? 'counters';
        $turns = [];
        $most = max(0, ...array_map(\count(...), array_values($stored->orders)));
        for ($turn = 0; $turn < $most; ++$turn) {
            foreach ($setUp->sittings as $sitting) {
                $place = $stored->orders[$sitting->childId][$turn] ?? null;
                $question = null === $place ? null : ($sitting->questions[$place] ?? null);
                if (null === $place || null === $question) {
                    continue;
                }
                $child = $children[$sitting->childId] ?? null;
                $settings = $child->settings ?? new Settings();
                $sittingId = $stored->sittingIds[$sitting->childId];
                $turns[] = new TurnView(
                    $sittingId,
                    $place,
                    $question->stepId,
                    $question->level->value,
                    $this->words->ask($question->fact, $setUp->family->id, $thing, $settings, $this->isWritten($setUp, $sitting) ? $settings->answering : null),
                    $this->words->answer($question->fact, $thing),
                    $question->fact->isOpen(),
                    Ask::GuessCount === $question->fact->ask,
                    $question->fact->answer,
                    $this->views->scene($setUp, $question, $sitting->form, $settings, null !== $child && $this->isSure($child, $question->stepId, $stored)),
                    $done[$sittingId][$place] ?? null,
                );
            }
        }

        return $turns;
    }

    /** Whether the child is sure of a step, so that its frames are filled other ways as well. */
    private function isSure(Child $child, string $stepId, StoredSetUp $stored): bool
    {
        return \in_array($this->room->record($child)->mark($stepId, $stored->date), [Mark::Secure, Mark::LookAgain], true);
    }

    /** Whether answers are laid, written or ringed here: with signs and numerals, where the activity has something to answer with. */
    private function isWritten(SetUp $setUp, Sitting $sitting): bool
    {
        return Form::Symbols === $sitting->form && [] !== array_filter($setUp->family->props, static fn (Prop $prop): bool => $prop->answers);
    }

    /**
     * @param array<string, Child> $children
     *
     * @return list<EndView>
     */
    private function ends(StoredSetUp $stored, array $children): array
    {
        $ends = [];
        foreach ($stored->setUp->sittings as $sitting) {
            $decision = $stored->decisions[$sitting->childId] ?? null;
            if (null === $decision) {
                continue;
            }
            $ends[] = new EndView(
                $sitting->childId,
                ($children[$sitting->childId] ?? null)->name ?? 'someone who moved out',
                $this->views->step($sitting->stepId),
                $decision->kind->value,
                $this->words->say('decision_names', $decision->kind),
                $this->words->say('decisions', $decision->reason, $decision->values),
                null === $decision->remedy ? null : $this->words->say('remedies', $decision->remedy),
                array_map(fn (string $step): string => $this->words->step($this->map->step($step)), $decision->opens),
                $decision->before->value,
                $decision->after->value,
            );
        }

        return $ends;
    }

    /**
     * @param list<Child> $inReach
     *
     * @return list<string>
     */
    private function cautions(SetUp $setUp, StoredSetUp $stored, array $inReach): array
    {
        $things = [...array_map(static fn (Laid $laid): Thing => $laid->thing, $setUp->laid), ...array_map(static fn (Prop $prop): Thing => $prop->thing, $setUp->props), $setUp->family->asThing()];
        $awake = array_values(array_filter($inReach, static fn (Child $child): bool => !$child->isAsleepDuring($setUp->span)));

        return array_values(array_unique(array_merge(...array_map(
            fn (Thing $thing): array => array_map(fn (Caution $caution): string => $this->words->caution($caution), $this->cautions->about($thing, $awake, $stored->date)),
            $things,
        ))));
    }
}
