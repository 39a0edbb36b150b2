<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

use Pindle\App\Views\WantView;

/** A day as the screen shows it. */
final readonly class DayView
{
    /**
     * @param list<list<int>>        $windows
     * @param list<PlannedChildView> $children
     * @param list<BusyView>         $parent
     * @param list<SetUpView>        $setUps
     * @param list<BringView>        $bring
     * @param list<WantView>         $make     what is made beforehand, and how it stands with it
     * @param list<MomentView>       $moments  for any time today
     * @param list<BlockView>        $blocks   when the parent has less to give
     * @param list<GoalTermView>     $goal     what the plan is worth, term by term
     * @param list<OtherwiseView>    $otherwise what was done instead
     * @param list<WishView>         $wanted   activities the parent asked for today
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
        public array $moments,
        public array $blocks,
        public array $goal,
        public array $otherwise,
        public array $wanted,
        public ?UndoView $undo,
        public ?string $lowUntil,
        public bool $isToday,
        /** A word after many days on which nothing was done. */
        public ?string $back,
        /** A word where the plan should be worked out anew and cannot be. */
        public ?string $asKept,
    ) {
    }
}
