<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

use Pindle\Core\Planning\ParentState;

/** When the parent has less to give. */
final readonly class BlockView
{
    public function __construct(public ParentState $state, public int $start, public int $end)
    {
    }
}
