<?php

declare(strict_types=1);

namespace Pindle\App\Map;

/** One strand with its skills. */
final readonly class StrandView
{
    /**
     * @param list<SkillView> $skills
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $skills,
    ) {
    }
}
