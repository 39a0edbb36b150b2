<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

use Symfony\Component\Validator\Constraints as Assert;

/** Which day the journal looks back to. */
final readonly class ThenQuery
{
    public function __construct(
        #[Assert\Date(message: 'A day is written as 2026-03-01.')]
        public ?string $then = null,
    ) {
    }
}
