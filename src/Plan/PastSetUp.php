<?php

declare(strict_types=1);

namespace Pindle\App\Plan;

/** A set-up of a day that is over, as far as a look back needs it. */
final readonly class PastSetUp
{
    /**
     * @param int                         $start   minutes after midnight
     * @param string                      $note    of the parent; empty for none
     * @param array<string, list<string>> $sat     child id => steps
     */
    public function __construct(
        public string $id,
        public string $activityId,
        public int $start,
        public int $minutes,
        public SetUpState $state,
        public string $note,
        public array $sat,
    ) {
    }
}
