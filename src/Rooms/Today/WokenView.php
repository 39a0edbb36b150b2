<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

use Pindle\Core\Planning\HowItGoesOn;

/** Someone woke: what of one set-up must leave the table, and what goes on. */
final readonly class WokenView
{
    /** @param list<string> $leaves */
    public function __construct(
        public string $setUpId,
        public string $name,
        public array $leaves,
        public HowItGoesOn $goesOn,
        public string $words,
    ) {
    }
}
