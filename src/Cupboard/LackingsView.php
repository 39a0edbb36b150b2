<?php

declare(strict_types=1);

namespace Pindle\App\Cupboard;

/** What is missing for which activities. */
final readonly class LackingsView
{
    /** @param list<LackingView> $lacking */
    public function __construct(public int $families, public array $lacking)
    {
    }
}
