<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Cupboard;

use Pindle\App\Platform\Http\Texts;

/** Ordinary things of the shipped list that the house has. */
final readonly class TickInput
{
    /** @param list<string> $shipped ids of the shipped list */
    public function __construct(
        #[Texts(most: 300, longest: 60, least: 1)]
        public array $shipped,
    ) {
    }
}
