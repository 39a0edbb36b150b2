<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Map;

/** A page of what was seen of one step. */
final readonly class HistoryView
{
    /**
     * @param list<SeenView> $seen newest first
     * @param string|null    $end  where it ends, to ask for what was before; null where there is no more
     */
    public function __construct(public array $seen, public ?string $end)
    {
    }
}
