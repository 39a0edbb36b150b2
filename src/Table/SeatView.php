<?php

declare(strict_types=1);

namespace Pindle\App\Table;

use Pindle\App\Platform\View\StepView;

/** One child at the table. */
final readonly class SeatView
{
    public function __construct(
        public string $sittingId,
        public string $childId,
        public string $childName,
        public int $thread,
        public StepView $step,
        public ?string $form,
        public string $help,
    ) {
    }
}
