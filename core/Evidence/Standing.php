<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

/** What stands whatever the numbers say: that the secure rule was met, what a witness saw, what the parent said. */
final readonly class Standing
{
    /**
     * @param bool      $secured from the secure rule being met until it is lost again
     * @param Mark|null $floor   Trying or Steady, seen by a witness or set by hand, until an attempt says otherwise
     * @param Mark|null $byHand  the mark the parent set, until the next attempt
     */
    public function __construct(public bool $secured = false, public ?Mark $floor = null, public ?Mark $byHand = null)
    {
    }
}
