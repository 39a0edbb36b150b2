<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Cupboard;

/** What is missing for which activities. */
final readonly class LackingsView
{
    /** @param list<LackingView> $lacking */
    public function __construct(public int $activities, public array $lacking)
    {
    }
}
