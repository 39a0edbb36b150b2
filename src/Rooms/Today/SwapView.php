<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

use Pindle\App\Views\LaidView;

/** What could be done instead, and what that costs or gains in words. */
final readonly class SwapView
{
    /**
     * @param list<LaidView> $laid
     * @param list<string>   $words
     * @param list<string>   $steps what it would be about, for each child
     */
    public function __construct(
        public string $activityId,
        public string $name,
        public string $inShort,
        public int $start,
        public int $end,
        public array $laid,
        public array $steps,
        public array $words,
    ) {
    }
}
