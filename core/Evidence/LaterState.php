<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

/** A state that was kept and is read when it is first asked for: of all that is known of a child, a tap touches a few steps. */
final class LaterState
{
    private ?StepState $state = null;

    /** @param \Closure(): StepState $read gives the same each time */
    public function __construct(private readonly \Closure $read)
    {
    }

    public function state(): StepState
    {
        return $this->state ??= ($this->read)();
    }
}
