<?php

declare(strict_types=1);

namespace Pindle\App\Table;

use Pindle\App\Platform\View\StepView;

/** What follows for one child, with its reason. */
final readonly class EndView
{
    /**
     * @param list<string> $opens
     */
    public function __construct(
        public string $childId,
        public string $childName,
        public StepView $step,
        public string $kind,
        public string $name,
        public string $sentence,
        public ?string $remedy,
        public array $opens,
        public string $markBefore,
        public string $markAfter,
    ) {
    }
}
