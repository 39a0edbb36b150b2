<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Map;

use Pindle\Core\Skill\Strand;

/** One strand with its skills. */
final readonly class StrandView
{
    /**
     * @param list<SkillView> $skills
     */
    public function __construct(
        public Strand $id,
        public string $name,
        public array $skills,
    ) {
    }
}
