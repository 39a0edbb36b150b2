<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

use Pindle\Core\Activity\Part;

/** When the parent is wanted at a set-up; from and to in minutes after midnight. */
final readonly class BusyView
{
    public function __construct(public Part $part, public int $start, public int $end, public string $setUpId)
    {
    }
}
