<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Map;

use Pindle\App\Views\StepView;
use Pindle\Core\Evidence\Mark;

/** A step that another builds on, and whether it is there. */
final readonly class NeedView
{
    public function __construct(
        public StepView $step,
        public Mark $mark,
        public bool $there,
    ) {
    }
}
