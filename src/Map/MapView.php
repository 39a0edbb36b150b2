<?php

declare(strict_types=1);

namespace Pindle\App\Map;

/** What one child can do. */
final readonly class MapView
{
    /**
     * @param list<StrandView>   $strands
     * @param array<string, int> $counts mark => how many steps
     */
    public function __construct(
        public string $childId,
        public string $childName,
        public array $strands,
        public array $counts,
    ) {
    }
}
