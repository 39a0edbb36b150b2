<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

/** A day that is being filled, weighed. */
final readonly class Weighed
{
    /**
     * @param list<Placed> $placed
     * @param float        $worth  in the unit of the goal
     * @param int          $excess minutes that little ones are too long without company
     */
    public function __construct(public array $placed, public float $worth, public int $excess)
    {
    }

    /** Whether every little one has company: a plan may be like that. */
    public function isAllowed(): bool
    {
        return 0 === $this->excess;
    }
}
