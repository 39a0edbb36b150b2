<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

use Pindle\Core\Calendar\LocalDate;

/** What stands whatever the numbers say: that the can-do rule was met, what a witness saw, what the parent said. */
final readonly class Standing
{
    /**
     * @param LocalDate|null $canDoSince from the day the can-do rule was met, a check passed or the mark set, until it is lost again
     * @param Mark|null      $floor      Begun or Nearly, seen by a witness or set by hand, until a try says otherwise
     * @param Mark|null      $byHand     the mark the parent set, until the next try or closing mark
     */
    public function __construct(public ?LocalDate $canDoSince = null, public ?Mark $floor = null, public ?Mark $byHand = null)
    {
    }

    public function isCanDo(): bool
    {
        return null !== $this->canDoSince;
    }
}
