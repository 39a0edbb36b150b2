<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Map;

use Pindle\App\Views\StandingView;
use Pindle\App\Views\StepView;

/** All there is about one step of one child. */
final readonly class EvidenceView
{
    /**
     * @param string           $restsOn what the line rests on, in words
     * @param list<NeedView>   $needs
     * @param list<ClauseView> $clauses
     */
    public function __construct(
        public StepView $step,
        public string $done,
        public StandingView $standing,
        public string $restsOn,
        public bool $unsure,
        public bool $pinned,
        public float $p,
        public array $needs,
        public array $clauses,
        public HistoryView $history,
        public ?MemoryView $memory,
        public ?string $nextLook,
        public ?string $form,
        public string $help,
    ) {
    }
}
