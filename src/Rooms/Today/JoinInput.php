<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

use Symfony\Component\Validator\Constraints as Assert;

/** One more child at a planned activity. */
final readonly class JoinInput
{
    public function __construct(
        #[Assert\PositiveOrZero]
        public int $version,
        #[Assert\Length(min: 1, max: 36)]
        public string $childId,
    ) {
    }
}
