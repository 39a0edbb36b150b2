<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Table;

use Pindle\Core\Question\Level;

/** One question for one child, in the order they are asked. */
final readonly class TurnView
{
    /**
     * @param bool     $open    whether anything may be answered
     * @param bool     $isGuess whether an amount is guessed and then counted
     * @param int|null $amount  that is counted, where one is guessed
     * @param string   $picture SVG
     */
    public function __construct(
        public string $sittingId,
        public string $questionId,
        public string $stepId,
        public Level $level,
        public string $ask,
        public string $answer,
        public bool $open,
        public bool $isGuess,
        public ?int $amount,
        public string $picture,
        public ?DoneAttemptView $done,
    ) {
    }
}
