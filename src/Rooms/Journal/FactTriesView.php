<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

/** All tries at one fact, newest first. */
final readonly class FactTriesView
{
    /** @param list<FactTryView> $tries */
    public function __construct(public string $words, public string $standing, public array $tries)
    {
    }
}
