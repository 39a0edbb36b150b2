<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Advice\Worth;
use Pindle\Core\Question\Question;

/** One child's place at a set-up: one course or two, and their own questions. */
final readonly class Sitting
{
    /** A sitting has no more courses than this. */
    public const MOST_COURSES = 2;

    /**
     * @param non-empty-list<Course> $courses      one or two, the first is what the sitting is for
     * @param list<Question>         $questions
     * @param float                  $value        what the sitting is worth to the child today
     * @param Worth|null             $worth        the parts of that value; null where it was not kept
     * @param bool                   $hasOldThings whether things of the child's last two sittings lie out, which is in the value already
     *
     * @throws InvalidSitting when there are more courses than a sitting holds, or two of one step
     */
    public function __construct(
        public string $childId,
        public array $courses,
        public array $questions,
        public float $value,
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

    /** Tries expected at the step itself: the first and the last question may be of others. */
    public function attempts(): int
    {
        return \count(array_filter($this->questions, fn (Question $question): bool => $question->stepId === $this->course()->stepId));
    }

    /** @param list<Question> $questions */
    public function asking(array $questions): self
    {
        return new self($this->childId, $this->courses, $questions, $this->value, $this->worth, $this->hasOldThings);
    }

    /** The same sitting with things that the child had in one of the last two: worth so many times as much, 0 to 1. */
    public function withOldThings(float $by): self
    {
        return new self($this->childId, $this->courses, $this->questions, $this->value * $by, $this->worth?->by($by, 1.0, 1.0), true);
    }
}
