<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

use Symfony\Component\Validator\Constraints as Assert;

/** One pile for everyone: what lies there, from when and for how long. */
final readonly class PileInput
{
    public function __construct(
        #[Assert\PositiveOrZero]
        public int $version,
        #[Assert\Range(min: 0, max: 1439, notInRangeMessage: 'A time of day is 0 to 1439 minutes after midnight.')]
        public int $at,
        #[Assert\Range(min: 5, max: 40, notInRangeMessage: 'Five to forty minutes.')]
        public int $minutes = 15,
        #[Assert\Length(min: 1, max: 36)]
        public ?string $thingId = null,
    ) {
    }
}
