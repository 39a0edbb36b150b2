<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Advice\DecisionKind;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Child\Child;
use Pindle\Core\Evidence\ChildRecord;

/** A child as the planner sees them: who they are, what they know, and what today allows. */
final readonly class Learner
{
    /**
     * @param int                      $minutes left for today, sittings already done taken off
     * @param array<string, float>     $liking  activity id => as Liking has it; 1 where it is not named
     * @param array<string, LocalDate> $resting step id => the first day it may come back
     * @param bool                     $sits    whether there are sittings for the child today; one who is ill is there and does not sit
     * @param array<string, DecisionKind> $chosen step id => what the parent chose to come next, after its last sitting
     */
    public function __construct(
        public Child $child,
        public ChildRecord $record,
        public int $minutes,
        public array $liking = [],
        public array $resting = [],
        public bool $sits = true,
        public array $chosen = [],
    ) {
    }

    /** The same child on the same day, with what is known of another day: the record, what rests, and what the parent had chosen. */
    public function knowing(self $then): self
    {
        return new self($this->child, $then->record, $this->minutes, $this->liking, $then->resting, $this->sits, $then->chosen);
    }
}
