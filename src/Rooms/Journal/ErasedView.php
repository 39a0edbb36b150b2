<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

/** What was said when a child was erased. */
final readonly class ErasedView
{
    public function __construct(public string $says)
    {
    }
}
