<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Activity;
use Pindle\Core\Advice\RankedStep;
use Pindle\Core\Advice\Worth;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\CanDoClauses;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Ladder;
use Pindle\Core\Evidence\LastTime;
use Pindle\Core\Skill\Form;

/** One thing one child could do today: a step, in a form, by an activity, what it would be worth, and what else the same lay-out serves. */
final readonly class Candidate
{
    /** Of the learner. */
    public string $childId;

    public function __construct(
        public Learner $learner,
        public RankedStep $ranked,
        public ?Form $form,
        public Activity $activity,
        public Worth $worth,
        public ?self $second = null,
    ) {
        $this->childId = $learner->child->id;
    }

    /** The same with another step of the same activity beside it. */
    public function beside(self $second): self
    {
        return new self($this->learner, $this->ranked, $this->form, $this->activity, $this->worth, $second);
    }

    /** Whether three questions of it are to settle what closing marks cannot. */
    public function isCheck(): bool
    {
        return CanDoClauses::isCheckDue($this->ranked->step, $this->learner->record->state($this->ranked->step->id));
    }

    /** Whether it is for seeing that something is still there. */
    public function isLook(): bool
    {
        return $this->ranked->reason->isLook();
    }

    public function value(): float
    {
        return $this->worth->value();
    }

    /** @return non-empty-list<Course> its own, and the one of the step beside it */
    public function courses(LocalDate $on): array
    {
        return [$this->course($on), ...null === $this->second ? [] : [$this->second->course($on)]];
    }

    public function course(LocalDate $on): Course
    {
        $stepId = $this->ranked->step->id;
        $record = $this->learner->record;

        return new Course(
            $stepId,
            $this->form,
            $this->isCheck() ? Help::Bare : Ladder::help($record->state($stepId)),
            $this->ranked->reason,
            $this->ranked->values,
            $record->mark($stepId),
            $this->ranked->brandNew,
            LastTime::of($record->state($stepId)->window),
            $this->value(),
        );
    }
}
