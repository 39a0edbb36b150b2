<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Activities;

/** A game the house has used, or says it knows. */
final readonly class GameView
{
    public function __construct(
        public string $id,
        public string $name,
        public int $uses,
        public bool $known,
        /** Whether the parent said so. */
        public bool $told,
    ) {
    }
}
