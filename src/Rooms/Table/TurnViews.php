<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Table;

use Pindle\App\Content\ActivityWords;
use Pindle\App\Content\Words;
use Pindle\App\Plan\StoredSetUp;
use Pindle\App\Plan\StoredSitting;
use Pindle\App\Record\Evidence;
use Pindle\App\Views\Pictures;
use Pindle\App\Views\StandInView;
use Pindle\Core\Activity\Prop;
use Pindle\Core\Advice\Idea;
use Pindle\Core\Child\Child;
use Pindle\Core\Child\Setting;
use Pindle\Core\Child\Settings;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Planning\Laid;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Planning\Sitting;
use Pindle\Core\Question\Kind;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Question;
use Pindle\Core\Scene\Scenes;
use Pindle\Core\Scene\StandIn;
use Pindle\Core\Skill\Form;
use Pindle\Core\Skill\SkillMap;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Writes the questions of a set-up out: what is said, what is looked for, the pictures, and what was seen of them. */
final readonly class TurnViews
{
    public function __construct(
        private Evidence $evidence,
        private Words $words,
        private Pictures $pictures,
        private SkillMap $map,
    ) {
    }

    /**
     * Children take turns at one pile; the order of each child's own questions stays.
     *
     * @param array<string, Child>       $children
     * @param array<string, ChildRecord> $records
     * @param array<string, array<string, int>> $happened as {@see happened} says
     *
     * @return list<TurnView>
     */
    public function turns(StoredSetUp $stored, ActivityWords $words, array $children, array $records, array $happened): array
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
                $attempt->toCore()->isOnFingers(),
                $attempt->slip,
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
                    $turns[] = $this->turn(
                        $stored->setUp,
                        $words,
                        $sitting,
                        $question,
                        $asks[$question->id],
                        $children,
                        $records,
                        $forParent,
                        $answered,
                        $happened[$sitting->sitting->childId] ?? [],
                    );
                }
            }
        }

        return $turns;
    }

    /**
     * Questions made beforehand, as they are asked when they are.
     *
     * @param array<string, Child>       $children
     * @param array<string, ChildRecord> $records
     * @param array<string, array<string, int>> $happened as {@see happened} says
     *
     * @return list<SpareView>
     */
    public function spares(
        StoredSetUp $stored,
        StoredSitting $sitting,
        ActivityWords $words,
        array $children,
        array $records,
        array $happened,
    ): array {
        $spares = [];
        $asks = $this->asks($stored->setUp, $sitting, $words, $children);
        $often = $happened[$sitting->sitting->childId] ?? [];
        foreach (Idea::cases() as $idea) {
            foreach ($sitting->sparesLeft($idea) as $spare) {
                $turn = $this->turn($stored->setUp, $words, $sitting, $spare, $asks[$spare->id], $children, $records, null, null, $often);
                $spares[] = new SpareView($idea, $turn);
            }
        }

        return $spares;
    }

    /**
     * @param array<string, Child>       $children
     * @param array<string, ChildRecord> $records
     * @param array<string, int>         $happened how often each way and slip was tapped for the child
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
        array $happened,
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
        [$picture, $helped, $finished] = array_map($draw, [Help::Bare, Help::PartDone, Help::Shown]);

        return new TurnView(
            $stored->id,
            $question->id,
            $question->stepId,
            $question->level,
            $ask,
            $this->again($ask, $question, $setUp, $stored, $words, $children),
            $this->words->answer($prompt, $this->thing($setUp), array_map(static fn (Laid $laid): string => $laid->thing->single, $setUp->laid)),
            $prompt->isOpen(),
            $prompt->load(),
            $prompt->isGuess(),
            \is_int($amount) ? $amount : null,
            $picture,
            $finished === $picture ? null : $finished,
            $helped === $picture ? null : $helped,
            $this->standIns($setUp, $stored->sitting, $question, self::settings($children, $childId)),
            $forParent,
            self::firstOf($words->methods, Kind::of($prompt)->methods($step), $happened),
            self::firstOf($words->slips, Kind::of($prompt)->slips($step), $happened),
            $done,
        );
    }

    /** @return array<string, array<string, int>> child id => the value of a method or a slip => how often it was tapped, at the steps that are asked */
    public function happened(StoredSetUp $stored): array
    {
        $steps = array_merge(...array_values(array_map(
            static fn (StoredSitting $sitting): array => array_map(static fn (Question $question): string => $question->stepId, $sitting->sitting->questions),
            $stored->sittings,
        )));

        return $this->evidence->happened($stored->setUp->childIds(), array_values(array_unique($steps)));
    }

    /** @return list<StandInView> */
    private function standIns(SetUp $setUp, Sitting $sitting, Question $question, Settings $settings): array
    {
        $step = $this->map->step($question->stepId);
        $form = [] === $step->forms ? null : $sitting->courseOf($question)->form;

        return array_map(StandInView::of(...), StandIn::of(
            $question->prompt,
            Scenes::sight($setUp->activity->scene($form), $question->prompt),
            $this->map->step($sitting->course()->stepId)->size,
            $setUp->activity->rolls(),
            $setUp->laid[0]->thing ?? null,
            $settings,
            new Randomizer(new Xoshiro256StarStar(crc32($question->id))),
        ));
    }

    /**
     * What happens most comes first, then what the activity says, then the rest.
     *
     * @template T of \BackedEnum
     *
     * @param list<T>            $first    as the activity says
     * @param list<T>            $all
     * @param array<string, int> $happened by value
     *
     * @return list<T>
     */
    private static function firstOf(array $first, array $all, array $happened): array
    {
        $rank = static function (\BackedEnum $one) use ($first, $happened): array {
            $at = array_search($one, $first, true);

            return [-($happened[(string) $one->value] ?? 0), false === $at ? \count($first) : $at];
        };
        // Sorting is stable: the rest stays in its order.
        usort($all, static fn (\BackedEnum $a, \BackedEnum $b): int => $rank($a) <=> $rank($b));

        return $all;
    }

    /**
     * @param array<string, Child> $children
     *
     * @return array<string, string> what is asked, by question id
     */
    private function asks(SetUp $setUp, StoredSitting $stored, ActivityWords $words, array $children): array
    {
        $asks = [];
        $spares = array_merge(...array_values($stored->spares));
        $isSpare = static fn (Question $one): bool => [] !== array_filter($spares, static fn (Question $spare): bool => $spare->id === $one->id);
        $own = array_values(array_filter($stored->sitting->questions, static fn (Question $one): bool => !$isSpare($one)));
        // What is asked keeps its words, whatever is put in between: a question more has those it had when it was made, or of the one it repeats.
        foreach ([$own, ...array_values($stored->spares)] as $made) {
            $first = [];
            foreach ($made as $question) {
                $first[$question->stepId.$question->prompt->key()] ??= $question;
            }
            $said = $this->asksOf(array_values($first), $setUp, $stored, $words, $children);
            foreach ($made as $question) {
                $of = $first[$question->stepId.$question->prompt->key()];
                // Asked once more it is not said in the same words, where there are others.
                $asks[$question->id] = $of === $question ? $said[$of->id] : $this->again($said[$of->id], $of, $setUp, $stored, $words, $children);
            }
        }

        return $asks;
    }

    /**
     * What is said when a question is asked once more.
     *
     * @param array<string, Child> $children
     */
    private function again(string $said, Question $question, SetUp $setUp, StoredSitting $stored, ActivityWords $words, array $children): string
    {
        $ways = array_map(static fn (int $time): Question => $question->named((string) $time), [0, 1, 2]);
        $others = array_diff($this->asksOf($ways, $setUp, $stored, $words, $children), [$said]);

        return [] === $others ? $said : reset($others);
    }

    /**
     * @param list<Question>       $questions
     * @param array<string, Child> $children
     *
     * @return array<string, string> what is asked, by question id
     */
    private function asksOf(array $questions, SetUp $setUp, StoredSitting $stored, ActivityWords $words, array $children): array
    {
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
}
