<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

/** What was seen outside a sitting, or a mark set by hand. */
final readonly class ElsewhereView
{
    public function __construct(public string $childId, public string $step, public string $what, public string $note)
    {
    }
}
