<?php

declare(strict_types=1);

namespace Pindle\App\Table;

/** What the record says right after a try: the mark of its step, the help for the next question of that step, and advice where there is any. */
final readonly class TryView
{
    public function __construct(
        public string $id,
        public string $stepId,
        public string $mark,
        public string $help,
        public ?AdviceView $advice,
    ) {
    }
}
