<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Table;

use Pindle\App\Views\CautionView;

/** Everything one set-up needs at the table. */
final readonly class TableView
{
    /**
     * @param list<GatherView>      $gather
     * @param list<string>          $measured what was worked out for it: dice, frames, pots, ways
     * @param list<string>          $show
     * @param array<string, string> $helps   help => what to do
     * @param list<CautionView>          $cautions
     * @param list<SeatView>        $seats
     * @param list<TurnView>        $turns
     * @param list<EndView>         $ends
     * @param string|null           $twist       for an elder child of the house who is not at it
     * @param string|null           $toddlerJob  for a little one of the house who is not at it
     * @param bool                  $showsScreen whether the screen may be turned to the child
     * @param bool                  $notesAfter  whether nothing is noted before the questions are over
     */
    public function __construct(
        public string $id,
        public bool $isDone,
        public string $name,
        public string $inShort,
        public string $place,
        public string $part,
        public ?string $layOut,
        public int $start,
        public int $end,
        public array $gather,
        public array $measured,
        public array $show,
        public string $predict,
        public string $easier,
        public string $further,
        public string $childTurn,
        public ?string $twist,
        public ?string $toddlerJob,
        public string $check,
        public string $tidy,
        public ?string $waiting,
        public array $helps,
        public array $cautions,
        public array $seats,
        public array $turns,
        public array $ends,
        public bool $showsScreen,
        public bool $notesAfter,
        public ?string $note,
    ) {
    }
}
