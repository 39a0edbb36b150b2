<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

/** A day as the screen shows it. */
final readonly class DayView
{
    /**
     * @param list<list<int>>        $windows
     * @param list<PlannedChildView> $children
     * @param list<BusyView>         $parent
     * @param list<SetUpView>        $setUps
     * @param list<BringView>        $bring
     * @param list<string>           $make
     */
    public function __construct(
        public string $date,
        public bool $planned,
        public array $windows,
        public bool $wet,
        public bool $quiet,
        public bool $highTable,
        public array $children,
        public array $parent,
        public array $setUps,
        public array $bring,
        public array $make,
        public bool $hasThings,
        public int $version,
    ) {
    }
}
