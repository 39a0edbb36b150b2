<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Advice\RankedStep;
use Pindle\Core\Advice\Resting;
use Pindle\Core\Calendar\LocalDate;

/** What a day could be made of: who sits, what they are ready for, what they could do, and what that is measured against. */
final readonly class Prospects
{
    /**
     * @param array<string, Learner>                   $learners   by child id
     * @param array<string, list<RankedStep>>          $ranked     child id => best first, what rests among them
     * @param array<string, non-empty-list<Candidate>> $candidates child id => best first, without those who have none
     */
    public function __construct(public array $learners, public array $ranked, public array $candidates, public Scale $scale)
    {
    }

    /** Whether a child is ready for anything at all that does not rest, whatever games the house knows. */
    public function isReady(string $childId, LocalDate $on): bool
    {
        $learner = $this->learners[$childId];

        return [] !== array_filter(
            $this->ranked[$childId],
            static fn (RankedStep $step): bool => !Resting::holds($step, $learner->record, $learner->resting, $on),
        );
    }
}
