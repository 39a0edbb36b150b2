<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

/** A photograph; the picture lies at its address, and a small one at the same with ?small=1. */
final readonly class PhotographView
{
    /** @param list<string> $childIds */
    public function __construct(
        public string $id,
        public string $day,
        public string $words,
        public array $childIds,
        public ?string $setUpId,
        public string $src,
        public int $width,
        public int $height,
    ) {
    }
}
