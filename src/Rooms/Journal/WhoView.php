<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

/** A child the journal tells of. */
final readonly class WhoView
{
    public function __construct(public string $id, public string $name, public int $thread, public bool $isHere)
    {
    }
}
