<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Week;

/** A set-up of a day to come, as it will likely be. */
final readonly class LikelySetUpView
{
    /** @param list<LikelyStepView> $steps of the child */
    public function __construct(public string $name, public int $start, public int $end, public bool $withParent, public bool $isNew, public array $steps)
    {
    }
}
