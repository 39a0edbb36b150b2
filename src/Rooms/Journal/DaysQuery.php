<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

use Symfony\Component\Validator\Constraints as Assert;

/** Which days of the journal are looked at. */
final readonly class DaysQuery
{
    public function __construct(
        /** Days before this one; from today on back where nothing is said. */
        #[Assert\Date(message: 'A day is written as 2026-03-01.')]
        public ?string $before = null,
        #[Assert\Length(max: 36, maxMessage: 'There is no such child.')]
        public string $child = '',
        #[Assert\Length(max: 100, maxMessage: 'Look for at most {{ limit }} letters.')]
        public string $find = '',
    ) {
    }
}
