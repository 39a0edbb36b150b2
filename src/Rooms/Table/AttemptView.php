<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Table;

use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Mark;

/** What the record says right after an attempt: the mark of its step, the help for the next question of that step, and advice where there is any. */
final readonly class AttemptView
{
    public function __construct(
        public string $id,
        public string $stepId,
        public Mark $mark,
        public Help $help,
        public ?AdviceView $advice,
        /** Whether its set-up is over, perhaps ended on another device. */
        public bool $isOver,
    ) {
    }
}
