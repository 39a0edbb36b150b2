<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

use Symfony\Component\Validator\Constraints as Assert;

/** A planned activity at another time. */
final readonly class MoveInput
{
    public function __construct(
        #[Assert\PositiveOrZero]
        public int $version,
        #[Assert\Range(min: 0, max: 1439, notInRangeMessage: 'A time of day is 0 to 1439 minutes after midnight.')]
        public int $start,
    ) {
    }
}
