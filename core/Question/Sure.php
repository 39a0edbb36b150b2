<?php

declare(strict_types=1);

namespace Pindle\Core\Question;

use Pindle\Core\Skill\Step;

/** A step the child is sure of, and the kind of question the activity asks about it. */
final readonly class Sure
{
    public function __construct(public Step $step, public Kind $kind)
    {
    }
}
