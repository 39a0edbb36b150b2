<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

use Symfony\Component\Validator\Constraints as Assert;

/** Who does not want to. */
final readonly class RefusedInput
{
    public function __construct(
        #[Assert\Length(min: 1, max: 36)]
        public string $childId,
    ) {
    }
}
