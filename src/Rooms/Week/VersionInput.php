<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Week;

use Symfony\Component\Validator\Constraints as Assert;

/** The week as the parent saw it. */
final readonly class VersionInput
{
    public function __construct(
        #[Assert\PositiveOrZero]
        public int $version,
    ) {
    }
}
