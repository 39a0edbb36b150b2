<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

/** The last change of the day: what it moved, while it can be taken back. */
final readonly class UndoView
{
    /** @param list<string> $said */
    public function __construct(public string $verb, public array $said)
    {
    }
}
