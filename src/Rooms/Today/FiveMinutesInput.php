<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

use Symfony\Component\Validator\Constraints as Assert;

/** Five minutes with one child, now. */
final readonly class FiveMinutesInput
{
    public function __construct(
        #[Assert\Length(min: 1, max: 36)]
        public string $childId,
        #[Assert\Range(min: 0, max: 1439, notInRangeMessage: 'A time of day is 0 to 1439 minutes after midnight.')]
        public int $at,
    ) {
    }
}
