<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Map;

use Pindle\Core\Evidence\Mark;

/** One step of one child on the map. */
final readonly class CellView
{
    /**
     * @param list<string> $needs
     */
    public function __construct(
        public string $stepId,
        public string $reach,
        public Mark $mark,
        public bool $implied,
        public int $attempts,
        public array $needs,
        public bool $ready,
        public bool $unsure,
        public bool $setByHand,
        public bool $pinned,
        public ?string $nextLook,
    ) {
    }
}
