<?php

declare(strict_types=1);

namespace Pindle\App\Plan;

use Pindle\Core\Advice\Idea;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\Purpose;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Planning\Course;
use Pindle\Core\Question\Level;
use Pindle\Core\Question\Question;
use Pindle\Core\Skill\Form;
use Pindle\Core\Skill\SkillMap;

/** A question as a device was given it, and what an attempt at it needs to know. */
final readonly class Asked
{
    /**
     * @param Course       $course   what the sitting is about; the question may be of its other course, or of a step that is sure
     * @param Form|null    $form     that the question is met in
     * @param list<string> $thingIds laid out
     * @param list<Idea>   $offered  ideas the parent has taken or let pass in the sitting
     * @param array<string, list<Question>> $spares idea => questions made beforehand for it, and not asked yet
     */
    public function __construct(
        public string $childId,
        public Question $question,
        public Course $course,
        public ?Form $form,
        public string $activityId,
        public array $thingIds,
        public LocalDate $date,
        public SetUpState $state,
        public array $offered = [],
        public array $spares = [],
    ) {
    }

    /**
     * What was seen when it was asked.
     *
     * @param int|null $guess   of a guessed amount; the outcome follows from how far off it was
     * @param int|null $counted 1 and up, where there is a guess
     */
    public function attempt(
        string $id,
        string $sittingId,
        SkillMap $map,
        Help $help,
        Outcome $outcome,
        ?Method $method,
        ?Slip $slip,
        \DateTimeImmutable $at,
        LocalDate $day,
        string $deviceId,
        ?int $guess = null,
        ?int $counted = null,
    ): Attempt {
        $error = null === $guess || null === $counted ? null : abs($guess - $counted) / $counted;

        return new Attempt(
            $id,
            $this->question->stepId,
            $sittingId,
            $this->activityId,
            [] === $map->step($this->question->stepId)->forms ? null : $this->form,
            $help,
            $this->thingIds,
            $this->question->prompt->key(),
            $this->question->prompt->choices(),
            null === $error ? $outcome : Outcome::ofGuess($error),
            $method,
            $slip,
            $at,
            $day,
            $deviceId,
            $error,
            Level::Check === $this->question->level ? Purpose::Check : Purpose::Sitting,
            guess: $guess,
            counted: $counted,
        );
    }
}
