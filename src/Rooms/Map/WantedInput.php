<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Map;

use Pindle\Core\Skill\Strand;
use Symfony\Component\Validator\Constraints as Assert;

/** A step to pin, or a strand to have more of; on or off. */
final readonly class WantedInput
{
    public function __construct(
        public bool $on,
        #[Assert\Length(max: 40, maxMessage: 'There is no such step on the map.')]
        public ?string $stepId = null,
        public ?Strand $strand = null,
    ) {
    }
}
