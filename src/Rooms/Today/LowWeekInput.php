<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

use Symfony\Component\Validator\Constraints as Assert;

/** The last day of a low week; null ends it. */
final readonly class LowWeekInput
{
    public function __construct(
        #[Assert\NotBlank(message: 'A day is written as 2026-03-01.', allowNull: true)]
        #[Assert\Date(message: 'A day is written as 2026-03-01.')]
        public ?string $until = null,
    ) {
    }
}
