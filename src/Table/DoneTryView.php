<?php

declare(strict_types=1);

namespace Pindle\App\Table;

/** A try that was recorded, for showing and taking back. */
final readonly class DoneTryView
{
    public function __construct(
        public string $id,
        public string $outcome,
        public string $help,
    ) {
    }
}
