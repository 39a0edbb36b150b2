<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Advice\Reason;
use Pindle\Core\Advice\Worth;
use Pindle\Core\Evidence\HelpLevel;
use Pindle\Core\Question\Question;
use Pindle\Core\Skill\Form;

/** One child's place at a set-up: their own step, in their own form, with their own questions. */
final readonly class Sitting
{
    /**
     * @param list<Question>            $questions
     * @param float                     $value  what the sitting is worth to the child today
     * @param bool                      $hasOldThings whether things of the child's last two sittings lie out, which is in the value already
     * @param Worth|null                $worth  the parts of that value; null where it was not kept
     * @param array<string, int|string> $values for the sentence of the reason
     */
    public function __construct(
        public string $childId,
        public string $stepId,
        public ?Form $form,
        public HelpLevel $help,
        public array $questions,
        public float $value,
        public bool $brandNew,
        public Reason $reason,
        public array $values,
        public ?Worth $worth = null,
        public bool $hasOldThings = false,
    ) {
    }

    /** Tries expected at the step itself: all but the first and the last question. */
    public function tries(): int
    {
        return max(0, \count($this->questions) - 2);
    }
}
