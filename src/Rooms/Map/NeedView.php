<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Map;

use Pindle\App\Views\StandingView;
use Pindle\App\Views\StepView;

/** A step that another builds on, and where it stands. */
final readonly class NeedView
{
    public function __construct(public StepView $step, public StandingView $standing)
    {
    }
}
