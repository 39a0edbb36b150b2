<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Advice\Worth;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Question\Question;

/** One child's place at a set-up: one course or two, and their own questions. */
final readonly class Sitting
{
    /** A sitting has no more courses than this. */
    public const MOST_COURSES = 2;

    /**
     * @param non-empty-list<Course> $courses      one or two, the first is what the sitting is for
     * @param list<Question>         $questions
     * @param Worth|null             $worth        the parts of the value of its first course; null where it was not kept
     * @param bool                   $hasOldThings whether things of the child's last two sittings lie out, which is in the value already
     *
     * @throws InvalidSitting when there are more courses than a sitting holds, or two of one step
     */
    public function __construct(
        public string $childId,
        public array $courses,
        public array $questions,
        public ?Worth $worth = null,
        public bool $hasOldThings = false,
    ) {
        if (\count($courses) > self::MOST_COURSES || \count($courses) !== \count(array_unique(array_map(
            static fn (Course $course): string => $course->stepId,
            $courses,
        )))) {
            throw InvalidSitting::courses(array_map(static fn (Course $course): string => $course->stepId, $courses));
        }
    }

    /** What the sitting is for. */
    public function course(): Course
    {
        return $this->courses[0];
    }

    /** The course a question belongs to; the main one for those that are asked besides. */
    public function courseOf(Question $question): Course
    {
        foreach ($this->courses as $course) {
            if ($course->stepId === $question->stepId) {
                return $course;
            }
        }

        return $this->courses[0];
    }

    /**
     * How many questions of a course a closing mark speaks of: those that were asked, not tapped, and without help. Where nobody taps, help fades
     * from one question of a step to the next.
     *
     * @param list<string> $tapped ids of the questions that were tapped
     * @param list<string> $asked  ids of the questions that were asked, in order
     */
    public function covered(Course $course, array $tapped, array $asked): int
    {
        $help = $course->help;
        $covered = 0;
        foreach ($asked as $id) {
            foreach ($this->questions as $question) {
                if ($question->id === $id && $question->stepId === $course->stepId) {
                    $covered += Help::Bare === $help && !\in_array($id, $tapped, true) ? 1 : 0;
                    $help = $help->less();
                }
            }
        }

        return $covered;
    }

    /** Tries expected at a step: the first and the last question may be of other steps. */
    public function attempts(string $stepId): int
    {
        $attempts = 0;
        foreach ($this->questions as $question) {
            $attempts += $question->stepId === $stepId ? 1 : 0;
        }

        return $attempts;
    }

    /** Whether one of its courses is about a step. */
    public function isAbout(string $stepId): bool
    {
        return [] !== array_filter($this->courses, static fn (Course $course): bool => $course->stepId === $stepId);
    }

    /** The same without a second course that no question is left for. */
    public function withoutIdleCourses(): self
    {
        $met = array_map(static fn (Question $question): string => $question->stepId, $this->questions);
        $left = array_filter(\array_slice($this->courses, 1), static fn (Course $course): bool => \in_array($course->stepId, $met, true));

        return new self($this->childId, [$this->courses[0], ...array_values($left)], $this->questions, $this->worth, $this->hasOldThings);
    }

    /** Whether questions made for one are still right for the other. */
    public function asksLike(self $other): bool
    {
        $pairs = array_map(null, $this->courses, $other->courses);

        return [] === array_filter($pairs, static fn (array $pair): bool => null === $pair[0] || null === $pair[1] || !$pair[0]->asksLike($pair[1]));
    }

    /** The same with fewer questions: the first and the last stay. */
    public function shortened(int $count): self
    {
        $questions = $this->questions;
        if (\count($questions) > $count) {
            $questions = [...\array_slice($questions, 0, $count - 1), $questions[\count($questions) - 1]];
        }

        return $this->asking($questions)->withoutIdleCourses();
    }

    /** @param list<Question> $questions */
    public function asking(array $questions): self
    {
        return new self($this->childId, $this->courses, $questions, $this->worth, $this->hasOldThings);
    }

    /** The same sitting with things that the child had in one of the last two: worth so many times as much, 0 to 1. */
    public function withOldThings(float $by): self
    {
        $courses = array_map(static fn (Course $course): Course => $course->by($by), $this->courses);

        return new self($this->childId, $courses, $this->questions, $this->worth?->by($by, 1.0, 1.0), true);
    }
}
