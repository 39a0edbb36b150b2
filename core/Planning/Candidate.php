<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Activity;
use Pindle\Core\Advice\RankedStep;
use Pindle\Core\Advice\Worth;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\Ladder;
use Pindle\Core\Skill\Form;

/** One thing one child could do today: a step, in a form, by an activity, and what it would be worth. */
final readonly class Candidate
{
    public function __construct(
        public Learner $learner,
        public RankedStep $ranked,
        public ?Form $form,
        public Activity $activity,
        public Worth $worth,
    ) {
    }

    public function value(): float
    {
        return $this->worth->value();
    }

    public function course(LocalDate $on): Course
    {
        $stepId = $this->ranked->step->id;
        $record = $this->learner->record;

        return new Course(
            $stepId,
            $this->form,
            Ladder::help($record->state($stepId)),
            $this->ranked->reason,
            $this->ranked->values,
            $record->mark($stepId),
            $this->ranked->brandNew,
        );
    }
}
