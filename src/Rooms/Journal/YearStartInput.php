<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

use Pindle\Core\Journal\YearStart;
use Symfony\Component\Validator\Constraints as Assert;

/** When the year of the house begins. */
final readonly class YearStartInput
{
    public function __construct(
        #[Assert\Range(min: 1, max: 12, notInRangeMessage: 'A month is 1 to 12.')]
        public int $month,
        #[Assert\Range(min: 1, max: YearStart::LAST_DAY, notInRangeMessage: 'Choose a day that every month has: 1 to 28.')]
        public int $day,
    ) {
    }
}
