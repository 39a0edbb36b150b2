<?php

declare(strict_types=1);

namespace Pindle\App\Today;

use Pindle\App\Platform\View\StepView;

/** One child's place at a set-up. */
final readonly class SittingView
{
    public function __construct(
        public string $id,
        public string $childId,
        public string $childName,
        public int $thread,
        public StepView $step,
        public ?string $form,
        public string $reason,
        public bool $brandNew,
        public int $questions,
        public ?DecisionView $decision,
    ) {
    }
}
