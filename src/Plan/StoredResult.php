<?php

declare(strict_types=1);

namespace Pindle\App\Plan;

use Pindle\Core\Advice\DecisionKind;
use Pindle\Core\Advice\DecisionReason;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Planning\Course;

/** What became of one course of a sitting, and what follows. */
final readonly class StoredResult
{
    /**
     * @param array<string, int|string> $values for the sentence of the reason
     * @param list<string>       $opens  ids of steps that can begin now
     * @param LocalDate|null     $comes  the first day it may come back, where it rests
     * @param Slip|null          $remedy the slip whose remedy is for next time
     */
    public function __construct(
        public Course $course,
        public Mark $after,
        public DecisionKind $kind,
        public DecisionReason $reason,
        public array $values,
        public array $opens,
        public ?Slip $remedy,
        public ?LocalDate $comes = null,
    ) {
    }
}
