<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Map;

use Pindle\Core\Skill\SkillKind;

/** One row of the map. */
final readonly class SkillView
{
    /**
     * @param list<CellView> $cells
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $done,
        public SkillKind $kind,
        public array $cells,
    ) {
    }
}
