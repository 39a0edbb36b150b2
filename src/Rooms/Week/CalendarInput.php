<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Week;

use Symfony\Component\Validator\Constraints as Assert;

/** What is given to a calendar. */
final readonly class CalendarInput
{
    public function __construct(
        #[Assert\Range(min: 1, max: 26, notInRangeMessage: 'One week to half a year.')]
        public int $weeks = 4,
        /** Each activity that is planned in full by itself, instead of the time it lies in. */
        public bool $setUps = false,
        #[Assert\Range(min: 0, max: 240, notInRangeMessage: 'Up to four hours before.')]
        public ?int $alarm = null,
    ) {
    }
}
