<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

/** What helps when a child does not want to, and what several refusals say. */
final readonly class RefusedView
{
    /**
     * @param list<string> $ways
     * @param list<string> $told
     */
    public function __construct(public array $ways, public array $told)
    {
    }
}
