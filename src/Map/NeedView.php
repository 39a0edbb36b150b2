<?php

declare(strict_types=1);

namespace Pindle\App\Map;

use Pindle\App\Platform\View\StepView;

/** A step that another builds on, and whether it is there. */
final readonly class NeedView
{
    public function __construct(
        public StepView $step,
        public string $mark,
        public bool $there,
    ) {
    }
}
