<?php

declare(strict_types=1);

namespace Pindle\App\Table;

/** Something to tap: an id and its words. */
final readonly class ChipView
{
    public function __construct(
        public string $id,
        public string $words,
    ) {
    }
}
