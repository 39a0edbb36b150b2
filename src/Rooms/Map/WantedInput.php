<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Map;

use Pindle\Core\Skill\Strand;

/** A step to pin, or a strand to have more of; on or off. */
final readonly class WantedInput
{
    public function __construct(
        public bool $on,
        public ?string $stepId = null,
        public ?Strand $strand = null,
    ) {
    }
}
