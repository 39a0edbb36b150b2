<?php

declare(strict_types=1);

namespace Pindle\App\Map;

use Pindle\App\Platform\View\StepView;

/** All there is about one step of one child. */
final readonly class EvidenceView
{
    /**
     * @param list<NeedView>    $needs
     * @param list<ClauseView>  $clauses
     * @param list<SeenTryView> $tries
     */
    public function __construct(
        public StepView $step,
        public string $done,
        public string $mark,
        public bool $implied,
        public array $needs,
        public array $clauses,
        public array $tries,
        public ?string $nextLook,
        public ?string $form,
        public string $help,
    ) {
    }
}
