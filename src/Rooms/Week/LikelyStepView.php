<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Week;

/** A step that likely comes. */
final readonly class LikelyStepView
{
    public function __construct(public string $name, public string $strand, public Likely $as)
    {
    }
}
