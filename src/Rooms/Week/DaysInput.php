<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Week;

use Symfony\Component\Validator\Constraints as Assert;

/** Days from one to another, both included. */
final readonly class DaysInput
{
    public function __construct(
        #[Assert\NotBlank(message: 'Say from which day on.')]
        #[Assert\Date(message: 'A day is written as 2026-03-01.')]
        public string $from,
        #[Assert\NotBlank(message: 'Say until which day.')]
        #[Assert\Date(message: 'A day is written as 2026-03-01.')]
        public string $to,
        #[Assert\PositiveOrZero]
        public int $version,
    ) {
    }
}
