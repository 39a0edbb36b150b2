<?php

declare(strict_types=1);

namespace Pindle\App\Map;

/** One step of one child on the map. */
final readonly class CellView
{
    /**
     * @param list<string> $needs
     */
    public function __construct(
        public string $stepId,
        public string $reach,
        public string $mark,
        public bool $implied,
        public int $tries,
        public array $needs,
        public bool $ready,
        public bool $unsure,
        public bool $setByHand,
        public bool $pinned,
        public ?string $nextLook,
    ) {
    }
}
