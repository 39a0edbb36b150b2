<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

use Symfony\Component\Validator\Constraints as Assert;

/** A moment of daily life that came about, or did not after all. */
final readonly class MomentInput
{
    public function __construct(
        #[Assert\Length(min: 1, max: 36)]
        public string $childId,
        #[Assert\Length(min: 1, max: 40)]
        public string $activityId,
        #[Assert\Range(min: 0, max: 1439, notInRangeMessage: 'A time of day is 0 to 1439 minutes after midnight.')]
        public int $at,
        public bool $happened = true,
    ) {
    }
}
