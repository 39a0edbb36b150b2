<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Table;

use Pindle\App\Content\ActivityWords;
use Pindle\App\Content\Words;
use Pindle\App\Household\Activities;
use Pindle\App\Household\Children;
use Pindle\App\Household\House;
use Pindle\App\Plan\StoredResult;
use Pindle\App\Plan\StoredSetUp;
use Pindle\App\Plan\StoredSitting;
use Pindle\App\Platform\Clock;
use Pindle\App\Record\Evidence;
use Pindle\App\Views\LaidView;
use Pindle\App\Views\Pictures;
use Pindle\App\Views\Reasons;
use Pindle\App\Views\Views;
use Pindle\Core\Activity\HouseRule;
use Pindle\Core\Activity\Prop;
use Pindle\Core\Child\Asking;
use Pindle\Core\Child\Child;
use Pindle\Core\Child\Setting;
use Pindle\Core\Child\Settings;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\ClosingMark;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Ladder;
use Pindle\Core\Planning\Laid;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Planning\Sitting;
use Pindle\Core\Question\Kind;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Question;
use Pindle\Core\Skill\Form;
use Pindle\Core\Skill\SkillMap;

/** Writes a set-up out for the table: what to lay out, say and look for, and every question with its picture. */
final readonly class TableViews
{
    public function __construct(
        private Evidence $evidence,
        private Children $children,
        private Activities $activities,
        private Words $words,
        private Views $views,
        private Reasons $reasons,
        private Pictures $pictures,
        private SkillMap $map,
        private Measured $measured,
        private House $house,
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

        return new TableView(
            $setUp->key,
            $stored->isDone(),
            $words->name,
            $words->inShort,
            $this->words->say('places', $setUp->place),
            $this->words->say('parts', $setUp->part),
            $this->views->layOut($words, $setUp),
            [
                ...array_map(static fn (LaidView $laid): string => $laid->inWords(), $this->views->laid($setUp)),
                ...array_map(static fn (Prop $prop): string => $prop->thing->name, $setUp->props),
            ],
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
                fn (StoredSitting $sitting): SeatView => $this->seat($sitting, $children, $threads, $records, $closed[$sitting->id] ?? null),
                $stored->sittings,
            )),
            $this->turns($stored, $words, $children, $records),
            array_merge(...array_values(array_map(
                fn (StoredSitting $sitting): array => array_map(
                    fn (StoredResult $result): EndView => $this->end($sitting->sitting->childId, $result, $children),
                    $sitting->results,
                ),
                $stored->sittings,
            ))),
            !\in_array(HouseRule::NoScreen, $this->house->rules(), true),
            \in_array(HouseRule::NoNoting, $this->house->rules(), true),
        );
    }

    /**
     * @param array<string, Child>       $children
     * @param array<string, int>         $threads
     * @param array<string, ChildRecord> $records
     */
    private function seat(StoredSitting $stored, array $children, array $threads, array $records, ?ClosingMark $closing): SeatView
    {
        $sitting = $stored->sitting;
        $course = $sitting->course();
        $settings = self::settings($children, $sitting->childId);
        $helps = [];
        foreach ($sitting->courses as $one) {
            $helps[$one->stepId] = isset($records[$sitting->childId]) ? Ladder::help($records[$sitting->childId]->state($one->stepId)) : $one->help;
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
            Asking::SayAlong === $settings->asking,
            [
                ...\in_array($course->form, [Form::Things, Form::Pictures], true) ? [$this->words->say('looking', $settings->wayIn)] : [],
                ...Asking::SayAlong === $settings->asking ? [$this->words->say('asking', $settings->asking)] : [],
                $this->words->say('after_mistakes', $settings->afterMistake),
            ],
            $closing,
        );
    }

    /**
     * Children take turns at one pile; the order of each child's own questions stays.
     *
     * @param array<string, Child>       $children
     * @param array<string, ChildRecord> $records
     *
     * @return list<TurnView>
     */
    private function turns(StoredSetUp $stored, ActivityWords $words, array $children, array $records): array
    {
        $done = $said = [];
        foreach ($this->evidence->answered($stored->sittingIds()) as $attempt) {
            $done[$attempt->questionId] = new DoneAttemptView(
                $attempt->id,
                $attempt->outcome,
                $attempt->help,
                $attempt->at,
                $attempt->guess,
                $attempt->counted,
            );
        }
        $asks = [];
        foreach ($stored->sittings as $sitting) {
            $asks += $this->asks($stored->setUp, $sitting, $words, $children);
        }
        $turns = [];
        $most = max([0, ...array_map(static fn (StoredSitting $sitting): int => \count($sitting->order), array_values($stored->sittings))]);
        for ($turn = 0; $turn < $most; ++$turn) {
            foreach ($stored->sittings as $sitting) {
                $question = $sitting->question($sitting->order[$turn] ?? '');
                if (null !== $question) {
                    $answered = $done[$question->id] ?? null;
                    // The parent is told once.
                    $told = $this->words->forParent($question->prompt, $sitting->sitting->courseOf($question)->form);
                    $forParent = null === $told || isset($said[$told]) ? null : $told;
                    $said[$told ?? ''] = true;
                    $turns[] = $this->turn($stored->setUp, $words, $sitting, $question, $asks[$question->id], $children, $records, $forParent, $answered);
                }
            }
        }

        return $turns;
    }

    /**
     * @param array<string, Child>       $children
     * @param array<string, ChildRecord> $records
     */
    private function turn(
        SetUp $setUp,
        ActivityWords $words,
        StoredSitting $stored,
        Question $question,
        string $ask,
        array $children,
        array $records,
        ?string $forParent,
        ?DoneAttemptView $done,
    ): TurnView {
        $childId = $stored->sitting->childId;
        $prompt = $question->prompt;
        $step = $this->map->step($question->stepId);
        $amount = $prompt->isGuess() ? $prompt->answer() : null;
        $draw = fn (Help $help): string => $this->pictures->question(
            $setUp,
            $question,
            $stored->sitting->courseOf($question)->form,
            self::settings($children, $childId),
            // Frames are filled other ways as well once the child is sure.
            isset($records[$childId]) && $records[$childId]->state($question->stepId)->standing->isCanDo(),
            $help,
        );
        [$picture, $finished] = [$draw($stored->sitting->courseOf($question)->help), $draw(Help::Shown)];

        return new TurnView(
            $stored->id,
            $question->id,
            $question->stepId,
            $question->level,
            $ask,
            $this->words->answer($prompt, $this->thing($setUp), array_map(static fn (Laid $laid): string => $laid->thing->single, $setUp->laid)),
            $prompt->isOpen(),
            $prompt->isGuess(),
            \is_int($amount) ? $amount : null,
            $picture,
            $finished === $picture ? null : $finished,
            $forParent,
            self::firstOf($words->methods, Kind::of($prompt)->methods($step)),
            self::firstOf($words->slips, Kind::of($prompt)->slips($step)),
            $done,
        );
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

    /**
     * @template T of \UnitEnum
     *
     * @param list<T> $first
     * @param list<T> $all
     *
     * @return list<T> all, in the order of the first where they are among them
     */
    private static function firstOf(array $first, array $all): array
    {
        $in = static fn (\UnitEnum $one): bool => \in_array($one, $first, true);

        return [
            ...array_values(array_filter($first, static fn (\UnitEnum $one): bool => \in_array($one, $all, true))),
            ...array_values(array_filter($all, static fn (\UnitEnum $one): bool => !$in($one))),
        ];
    }

    /**
     * @param array<string, Child> $children
     *
     * @return array<string, string> what is asked, by question id
     */
    private function asks(SetUp $setUp, StoredSitting $stored, ActivityWords $words, array $children): array
    {
        $questions = array_values(array_filter(array_map($stored->question(...), $stored->order)));
        $settings = self::settings($children, $stored->sitting->childId);

        return array_combine(
            array_map(static fn (Question $question): string => $question->id, $questions),
            $this->words->asks(
                array_map(static fn (Question $question): Prompt => $question->prompt, $questions),
                $words->say,
                $this->thing($setUp),
                $settings,
                self::isWritten($setUp, $stored->sitting) ? $settings->answering : null,
            ),
        );
    }

    private function thing(SetUp $setUp): string
    {
        // Where nothing lies out, what is drawn is what is spoken of.
        $drawn = Form::Pictures === $setUp->sittings[0]->course()->form ? 'dots' : 'counters';

        return $setUp->laid[0]->thing->name ?? $this->words->say('stand_ins', $drawn, ['count' => 2]);
    }

    /** @param array<string, Child> $children */
    private static function settings(array $children, string $childId): Settings
    {
        return ($children[$childId] ?? null)->settings ?? new Settings();
    }

    /** Whether answers are laid, written or ringed here: with signs and numerals, where the activity has something to answer with. */
    private static function isWritten(SetUp $setUp, Sitting $sitting): bool
    {
        return Form::Symbols === $sitting->course()->form
            && [] !== array_filter($setUp->activity->props, static fn (Prop $prop): bool => Setting::Answering === $prop->by);
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
        );
    }
}
