<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Evening;

/** One thing a parent may have seen the child do. */
final readonly class CardView
{
    public function __construct(public string $stepId, public int $number, public int $of, public string $does)
    {
    }
}
