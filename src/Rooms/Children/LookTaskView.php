<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Children;

use Pindle\App\Views\StepView;

/** One tiny task: what to do, with what, and what to look for. */
final readonly class LookTaskView
{
    public function __construct(
        public int $number,
        public StepView $step,
        public string $ask,
        public string $lookFor,
        public ?string $bring,
    ) {
    }
}
