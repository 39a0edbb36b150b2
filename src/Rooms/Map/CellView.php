<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Map;

use Pindle\App\Views\StandingView;

/** One step of one child on the map. */
final readonly class CellView
{
    /**
     * @param list<string> $needs
     */
    public function __construct(
        public string $stepId,
        public string $reach,
        public StandingView $standing,
        public int $attempts,
        public array $needs,
        public bool $ready,
        public bool $unsure,
        public bool $pinned,
        public ?string $nextLook,
    ) {
    }
}
