<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Map;

/** What one child can do. */
final readonly class MapView
{
    /**
     * @param list<GlanceView>   $glances
     * @param list<StrandView>   $strands
     * @param array<string, int> $counts mark => how many steps
     * @param list<string>       $focus  strands the parent wants more of
     * @param int                $look   how many steps are worth a look
     * @param int                $unsure how many steps a first look left unsure
     */
    public function __construct(
        public string $childId,
        public string $childName,
        public array $glances,
        public array $strands,
        public array $counts,
        public array $focus,
        public int $look,
        public int $unsure,
    ) {
    }
}
