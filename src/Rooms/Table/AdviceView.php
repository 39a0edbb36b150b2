<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Table;

/** Advice for one child at the table: what was seen, and ideas, best first. */
final readonly class AdviceView
{
    /** @param list<IdeaView> $ideas */
    public function __construct(public string $sittingId, public string $cause, public array $ideas)
    {
    }
}
