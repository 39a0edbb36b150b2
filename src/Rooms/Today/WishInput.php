<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

use Symfony\Component\Validator\Constraints as Assert;

/** An activity that was wanted today, and is not any more. */
final readonly class WishInput
{
    public function __construct(
        #[Assert\PositiveOrZero]
        public int $version,
        #[Assert\Length(min: 1, max: 40)]
        public string $activityId,
    ) {
    }
}
