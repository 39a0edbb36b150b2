<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

use Symfony\Component\Validator\Constraints as Assert;

/** When a child sleeps today, in minutes after midnight. */
final readonly class AsleepInput
{
    public function __construct(
        #[Assert\PositiveOrZero]
        public int $version,
        #[Assert\Range(min: 0, max: 1439, notInRangeMessage: 'A time of day is 0 to 1439 minutes after midnight.')]
        public int $from,
        #[Assert\Range(min: 1, max: 1440, notInRangeMessage: 'A time of day is 0 to 1440 minutes after midnight.')]
        public int $to,
    ) {
    }
}
