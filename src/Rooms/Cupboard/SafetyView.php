<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Cupboard;

/** What is to be said about one thing because of one child. */
final readonly class SafetyView
{
    public function __construct(
        public string $childId,
        public string $childName,
        public bool $blocked,
        public string $say,
        public string $why,
        public string $source,
    ) {
    }
}
