<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\TestCase;
use Pindle\Core\Activity\Place;
use Pindle\Core\Advice\Choosing;
use Pindle\Core\Advice\Reason;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Closing;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Planning\Asking;
use Pindle\Core\Planning\Candidate;
use Pindle\Core\Planning\Course;
use Pindle\Core\Planning\DayRequest;
use Pindle\Core\Planning\Learner;
use Pindle\Core\Planning\Sitting;
use Pindle\Core\Question\Kind\TellHowMany;
use Pindle\Core\Question\Level;
use Pindle\Core\Question\Question;
use Pindle\Core\Question\QuestionSet;
use Pindle\Core\Skill\Form;
use Pindle\Tests\Make;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Two steps that one lay-out serves, and a check: what is asked in which order, and what a closing mark speaks of. */
final class TwoCoursesTest extends TestCase
{
    public function test_the_second_step_is_mixed_in_after_each_question_of_the_first(): void
    {
        $set = static fn (string $step, string $levels): array => array_map(
            static fn (string $level, int $n): Question => new Question($step, new TellHowMany('how-many', $n + 1), 's' === $level ? Level::Sure : Level::At),
            str_split($levels),
            range(0, \strlen($levels) - 1),
        );
        $order = static fn (array $questions): string => implode(' ', array_map(
            static fn (Question $question): string => $question->stepId.(Level::Sure === $question->level ? '!' : ''),
            $questions,
        ));

        self::assertSame('a! a b a b a a!', $order(QuestionSet::mixed($set('a', 'saaas'), $set('b', 'saas'))));
        self::assertSame('a! a b b b a!', $order(QuestionSet::mixed($set('a', 'sas'), $set('b', 'saaas'))), 'all of the second are asked');
        self::assertSame('a! a a!', $order(QuestionSet::mixed($set('a', 'sas'), $set('b', 'ss'))), 'what is sure of the second is left out');
    }

    public function test_a_candidate_takes_the_best_other_step_of_its_activity_and_never_two_that_are_new(): void
    {
        $paired = array_filter(self::candidates(self::learner()), static fn (Candidate $one): bool => null !== $one->second);

        self::assertNotSame([], $paired);
        foreach ($paired as $candidate) {
            self::assertSame($candidate->activity->id, $candidate->second?->activity->id);
            self::assertNotSame($candidate->ranked->step->id, $candidate->second->ranked->step->id);
            self::assertFalse($candidate->ranked->brandNew && $candidate->second->ranked->brandNew);
        }
        $alone = Make::candidates(self::learner(), Make::day(3), Place::cases(), choosing: new Choosing(courses: 1));
        self::assertSame([], array_filter($alone, static fn (Candidate $one): bool => null !== $one->second));
    }

    public function test_both_steps_are_asked_about_and_each_is_a_course_of_its_own(): void
    {
        $learner = self::learner();
        $seen = 0;
        foreach (self::candidates($learner) as $candidate) {
            if (null === $candidate->second) {
                continue;
            }
            $sitting = self::sitting($learner, $candidate, 8);
            $steps = array_map(static fn (Course $course): string => $course->stepId, $sitting->courses);
            self::assertSame($candidate->ranked->step->id, $steps[0]);
            foreach ($steps as $stepId) {
                self::assertNotSame([], array_filter($sitting->questions, static fn (Question $question): bool => $question->stepId === $stepId), $stepId);
            }
            if (2 === \count($steps)) {
                ++$seen;
                self::assertSame($candidate->second->form, $sitting->courseOf(self::firstOf($sitting, $steps[1]))->form);
            }
            self::assertSame([$steps[0]], array_map(
                static fn (Course $course): string => $course->stepId,
                self::sitting($learner, $candidate, 3)->courses,
            ), 'with three questions there is room for one');
        }
        self::assertGreaterThan(3, $seen);
    }

    public function test_where_a_check_is_due_its_three_open_questions_come_first_in_the_last_form_and_without_help(): void
    {
        $step = 'touch-count@5';
        $learner = self::learner(array_map(
            static fn (int $day): Closing => Make::closing($step, $day, activity: 'activity-'.$day % 2, form: Form::Things),
            [0, 1, 2],
        ));
        $candidate = array_values(array_filter(self::candidates($learner), static fn (Candidate $one): bool => $one->ranked->step->id === $step))[0];
        $sitting = self::sitting($learner, $candidate, 6);

        self::assertTrue($candidate->isCheck());
        self::assertSame(
            [Reason::CheckDue, Help::Bare, Make::map()->step($step)->lastForm()],
            [$sitting->course()->reason, $sitting->course()->help, $sitting->course()->form],
        );
        $levels = array_map(static fn (Question $question): Level => $question->level, $sitting->questions);
        self::assertSame(array_fill(0, 3, Level::Check), \array_slice($levels, 0, 3));
        self::assertNotContains(Level::Check, \array_slice($levels, 3));
        foreach (\array_slice($sitting->questions, 0, 3) as $question) {
            self::assertSame([$step, true], [$question->stepId, $question->prompt->isOpen()]);
        }
        self::assertLessThanOrEqual(6, \count($sitting->questions));
        self::assertCount(4, self::sitting($learner, $candidate, 4)->questions, 'a small child has one easy one after it');
    }

    public function test_a_check_asks_different_things_as_far_as_there_are_any(): void
    {
        $step = Make::map()->step('say-count@10');
        $kind = self::kindOf('say-count@10');
        $check = QuestionSet::check($kind, $step, [], 3, new Randomizer(new Xoshiro256StarStar(1)));

        self::assertCount(3, $check);
        $open = array_filter($kind->prompts($step), static fn ($prompt): bool => $prompt->isOpen());
        self::assertCount(min(3, \count($open)), array_unique(array_map(static fn (Question $question): string => $question->prompt->key(), $check)));
    }

    /** Shown, part done, bare, bare: where nobody taps, help fades; the first two are no evidence. */
    public function test_a_closing_mark_speaks_of_what_was_asked_without_help_and_not_tapped(): void
    {
        $course = new Course('say-count@5', null, Help::Shown, Reason::Ready);
        $sitting = new Sitting('tobin', [$course], array_map(
            static fn (int $n): Question => new Question(4 === $n ? 'say-count@3' : 'say-count@5', new TellHowMany('how-many', $n + 1), Level::At, 'q'.$n),
            range(0, 5),
        ));
        $all = ['q0', 'q1', 'q2', 'q3', 'q4', 'q5'];

        self::assertSame(3, $sitting->covered($course, [], $all), 'q4 is of another step');
        self::assertSame(2, $sitting->covered($course, ['q3'], $all));
        self::assertSame(1, $sitting->covered($course, [], \array_slice($all, 0, 3)), 'as far as they came');
        self::assertSame(0, $sitting->covered($course, [], \array_slice($all, 0, 2)));
        $bare = new Course('say-count@5', null, Help::Bare, Reason::Ready);
        self::assertSame(5, $sitting->covered($bare, [], $all));
    }

    /** @param list<Closing> $closings */
    private static function learner(array $closings = []): Learner
    {
        $map = Make::map();
        $tried = [];
        foreach (['say-count@5', 'how-many@3', 'count-out@3', 'see-at-once@3', 'which-more@5'] as $stepId) {
            if ($map->has($stepId)) {
                $tried[] = Make::anAttempt($stepId, 0, form: $map->step($stepId)->firstForm());
            }
        }
        $priors = array_fill_keys(array_keys(array_filter($map->steps, static fn ($step): bool => $step->size <= 5)), 0.85);

        return new Learner(Make::child('Tobin', 54, minutes: 24, longest: 12), ChildRecord::replay($map, [...$tried, ...$closings], priors: $priors), 24);
    }

    /** @return list<Candidate> */
    private static function candidates(Learner $learner): array
    {
        return Make::candidates($learner, Make::day(3), Place::cases(), false);
    }

    private static function sitting(Learner $learner, Candidate $candidate, int $count): Sitting
    {
        $request = new DayRequest(Make::day(3), 1, [$learner], [new Span(540, 600)], [], Place::cases());

        return (new Asking($request))->sitting($candidate, $count);
    }

    private static function firstOf(Sitting $sitting, string $stepId): Question
    {
        return array_values(array_filter($sitting->questions, static fn (Question $question): bool => $question->stepId === $stepId))[0];
    }

    private static function kindOf(string $stepId): \Pindle\Core\Question\Kind
    {
        $step = Make::map()->step($stepId);

        return Make::catalogue()->showing($step, $step->firstForm())[0]->serves[$step->skill->id];
    }
}
