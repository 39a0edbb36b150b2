<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Family;
use Pindle\Core\Advice\RankedStep;
use Pindle\Core\Advice\Worth;
use Pindle\Core\Skill\Form;

/** One thing one child could do today: a step, in a form, by a family, and what it would be worth. */
final readonly class Candidate
{
    public function __construct(
        public Learner $learner,
        public RankedStep $ranked,
        public ?Form $form,
        public Family $family,
        public Worth $worth,
    ) {
    }

    public function value(): float
    {
        return $this->worth->value();
    }
}
