<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

use Pindle\Core\Planning\ParentState;
use Symfony\Component\Validator\Constraints as Assert;

/** The parent has less to give for some minutes from now on. */
final readonly class ArmsFullInput
{
    public function __construct(
        #[Assert\PositiveOrZero]
        public int $version,
        #[Assert\Range(min: 0, max: 1439, notInRangeMessage: 'A time of day is 0 to 1439 minutes after midnight.')]
        public int $at,
        #[Assert\Range(min: 5, max: 240, notInRangeMessage: 'Five minutes to four hours.')]
        public int $minutes = 20,
        public ParentState $state = ParentState::ArmsFull,
    ) {
    }
}
