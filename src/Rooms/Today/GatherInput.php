<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

use Symfony\Component\Validator\Constraints as Assert;

/** A thing that was brought for a time at the table, or was not after all. */
final readonly class GatherInput
{
    public function __construct(
        #[Assert\Range(min: 0, max: 5, notInRangeMessage: 'There are up to six times at the table.')]
        public int $window,
        #[Assert\Length(min: 1, max: 36)]
        public string $thingId,
        public bool $there,
        /** Another day than today, as written: what is made ready the evening before. */
        #[Assert\NotBlank(message: 'A day is written as 2026-03-01.', allowNull: true)]
        #[Assert\Date(message: 'A day is written as 2026-03-01.')]
        public ?string $day = null,
    ) {
    }
}
