<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Thing\Thing;

/** So many of one thing, laid out for one role of an activity. */
final readonly class Laid
{
    public function __construct(public string $roleId, public Thing $thing, public int $count)
    {
    }

    /** What so many of it are called. */
    public function called(): string
    {
        return 1 === $this->count ? $this->thing->single : $this->thing->name;
    }
}
