<?php

declare(strict_types=1);

namespace Pindle\App\Household;

use Pindle\Core\Activity\Catalogue;
use Pindle\Core\Skill\SkillMap;

/** All activities as one catalogue, and the map as they can show it. */
final readonly class Composed
{
    /** @param list<string> $broken own activities that cannot be read any more, with the reason */
    public function __construct(public Catalogue $catalogue, public SkillMap $map, public array $broken)
    {
    }
}
