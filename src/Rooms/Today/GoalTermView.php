<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

/** One term of what the plan is worth. */
final readonly class GoalTermView
{
    public function __construct(public string $words, public float $value)
    {
    }
}
