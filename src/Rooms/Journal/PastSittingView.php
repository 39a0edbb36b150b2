<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

/** What one child did in it. */
final readonly class PastSittingView
{
    /** @param list<string> $steps */
    public function __construct(public string $childId, public array $steps)
    {
    }
}
