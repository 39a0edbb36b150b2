<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Children;

use Pindle\App\Views\StepView;

/** Where a first look stands. */
final readonly class FirstLookView
{
    /**
     * @param list<StepView> $ticks     what may be ticked before it begins
     * @param int            $done      tasks answered
     * @param int            $most      tasks at most
     * @param int            $leftToday tasks that still fit today
     * @param int            $there     steps found to be there
     * @param int            $unsure    steps it is not sure of
     * @param bool           $isRound   whether it is a look round after a long while; then there and unsure are of its tasks
     * @param bool           $isHard    whether the last three did not go, so that it may well be enough
     */
    public function __construct(
        public string $childId,
        public string $childName,
        public int $thread,
        public LookState $state,
        public array $ticks,
        public ?LookTaskView $task,
        public int $done,
        public int $most,
        public int $leftToday,
        public int $there,
        public int $unsure,
        public bool $isHard,
        public bool $isRound,
    ) {
    }
}
