<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Cupboard;

use Symfony\Component\Validator\Constraints as Assert;

/** Ordinary things of the shipped list that the house has. */
final readonly class TickInput
{
    /** @param list<string> $shipped ids of the shipped list */
    public function __construct(
        #[Assert\Count(min: 1, max: 300, minMessage: 'Tick at least one.')]
        public array $shipped,
    ) {
    }
}
