<?php

declare(strict_types=1);

namespace Pindle\App\Today;

use Pindle\Core\Advice\Idea;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Planning\SetUp;

/** A set-up as other rooms see it. */
final readonly class StoredSetUp
{
    /**
     * @param array<string, string>         $sittingIds  child id => sitting id
     * @param array<string, StoredDecision> $decisions   child id => what followed, once done
     * @param array<string, list<int>>      $orders      child id => places of the questions in the order they are asked
     * @param array<string, list<Idea>>     $offered     child id => ideas the parent has taken or let pass
     * @param array<string, Mark>           $marksBefore child id => the mark of the step when the set-up was begun
     */
    public function __construct(
        public SetUp $setUp,
        public LocalDate $date,
        public bool $isDone,
        public array $sittingIds,
        public array $decisions,
        public array $orders,
        public array $offered,
        public array $marksBefore,
    ) {
    }

    /** The child of a sitting; null when the sitting is not of this set-up. */
    public function childOf(string $sittingId): ?string
    {
        $childId = array_search($sittingId, $this->sittingIds, true);

        return false === $childId ? null : $childId;
    }
}
