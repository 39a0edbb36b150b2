<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

use Symfony\Component\Validator\Constraints as Assert;

/** Another activity in the place of a planned one. */
final readonly class SwapInput
{
    public function __construct(
        #[Assert\PositiveOrZero]
        public int $version,
        #[Assert\Length(min: 1, max: 40)]
        public string $activityId,
    ) {
    }
}
