<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

use Pindle\App\Exchange\Leaves;

/** What goes when a child is erased, and what stays. */
final readonly class LeavesView
{
    public function __construct(public string $childId, public string $name, public Leaves $leaves)
    {
    }
}
