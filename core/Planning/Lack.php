<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Role;
use Pindle\Core\Thing\Thing;

/** Why an activity cannot be laid out, and the nearest way out. */
final readonly class Lack
{
    /** More things than these nobody saves up for a game. */
    public const SAVED_UP = 20;

    /**
     * @param int        $wanted  how many the role wants
     * @param Thing|null $nearest the thing that comes nearest, if any does
     * @param int        $more    how many more of it would do; 0 where it is not the number that is wrong
     * @param Role|null  $role    that nothing was found for; null where it is a prop or the whole
     */
    public function __construct(
        public LackReason $reason,
        public string $roleId,
        public int $wanted,
        public ?Thing $nearest = null,
        public int $more = 0,
        public ?Role $role = null,
    ) {
    }

    /** Whether a few things more, kept when they come by, would do. */
    public function canBeSavedUp(): bool
    {
        return \in_array($this->reason, [LackReason::Nothing, LackReason::CannotDo, LackReason::TooFew], true) && $this->more <= self::SAVED_UP;
    }
}
