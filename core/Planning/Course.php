<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Advice\Reason;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\LastTime;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Skill\Form;

/** What a sitting is about: one step, in one form, with the help it begins with, and why it was chosen. */
final readonly class Course
{
    /**
     * @param Form|null                 $form     null where the step is spoken or moved
     * @param array<string, int|string> $values   for the sentence of the reason
     * @param Mark                      $before   the mark of the step as it was planned
     * @param bool                      $brandNew whether the step was never tried before
     * @param LastTime|null             $last     what was seen of it before
     * @param float                     $value    what a sitting with it is worth to the child today, at least 0
     */
    public function __construct(
        public string $stepId,
        public ?Form $form,
        public Help $help,
        public Reason $reason,
        public array $values = [],
        public Mark $before = Mark::NotMet,
        public bool $brandNew = false,
        public ?LastTime $last = null,
        public float $value = 0.0,
    ) {
    }

    /** The same, worth so many times as much. */
    public function by(float $times): self
    {
        return new self(
            $this->stepId,
            $this->form,
            $this->help,
            $this->reason,
            $this->values,
            $this->before,
            $this->brandNew,
            $this->last,
            $this->value * $times,
        );
    }

    /** Whether questions made for one are still right for the other. */
    public function asksLike(self $other): bool
    {
        return [$this->stepId, $this->form, $this->help, $this->before] === [$other->stepId, $other->form, $other->help, $other->before];
    }
}
