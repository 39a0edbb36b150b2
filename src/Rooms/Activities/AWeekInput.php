<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Activities;

use Pindle\Core\Planning\Repertoire;
use Symfony\Component\Validator\Constraints as Assert;

/** How many new activities a week the parent wants at most. */
final readonly class AWeekInput
{
    public function __construct(
        #[Assert\Range(min: 0, max: Repertoire::MOST_A_WEEK, notInRangeMessage: 'New games a week are {{ min }} to {{ max }}.')]
        public int $aWeek,
    ) {
    }
}
