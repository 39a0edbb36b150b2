<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Map;

use Pindle\App\Views\StepView;
use Pindle\Core\Evidence\Mark;

/** All there is about one step of one child. */
final readonly class EvidenceView
{
    /**
     * @param list<NeedView>   $needs
     * @param list<ClauseView> $clauses
     */
    public function __construct(
        public StepView $step,
        public string $done,
        public Mark $mark,
        public bool $implied,
        public bool $unsure,
        public bool $setByHand,
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
