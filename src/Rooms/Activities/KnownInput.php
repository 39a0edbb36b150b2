<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Activities;

/** Whether the parent knows an activity. */
final readonly class KnownInput
{
    public function __construct(public bool $known)
    {
    }
}
