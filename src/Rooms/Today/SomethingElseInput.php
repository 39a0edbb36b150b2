<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

use Symfony\Component\Validator\Constraints as Assert;

/** What was done instead: an activity, or what the parent writes. */
final readonly class SomethingElseInput
{
    /** @param list<HowItWentInput> $children */
    public function __construct(
        #[Assert\Range(min: 0, max: 1439, notInRangeMessage: 'A time of day is 0 to 1439 minutes after midnight.')]
        public int $at,
        #[Assert\Uuid]
        public string $deviceId,
        #[Assert\Count(min: 1, max: 6, minMessage: 'Who was there?', maxMessage: 'At most six children.')]
        #[Assert\Valid]
        public array $children,
        #[Assert\Length(min: 1, max: 40)]
        public ?string $activityId = null,
        #[Assert\Length(min: 1, max: 200)]
        public ?string $words = null,
    ) {
    }
}
