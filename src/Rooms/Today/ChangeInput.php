<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

use Symfony\Component\Validator\Constraints as Assert;

/** A change of the day as the parent saw it. */
final readonly class ChangeInput
{
    public function __construct(
        #[Assert\PositiveOrZero]
        public int $version,
    ) {
    }
}
