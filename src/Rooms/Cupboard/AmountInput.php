<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Cupboard;

use Symfony\Component\Validator\Constraints as Assert;

/** So many more of a thing, or fewer: a difference, so that taps on two devices add up. */
final readonly class AmountInput
{
    public function __construct(
        #[Assert\Range(min: -1000, max: 1000, notInRangeMessage: 'An amount is between 0 and 1000.')]
        public int $by,
    ) {
    }
}
