<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Table;

use Pindle\App\Views\StandInView;
use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Level;

/** One question for one child, in the order they are asked. */
final readonly class TurnView
{
    /**
     * @param string   $askAgain what is said when it is asked once more
     * @param bool     $open    whether anything may be answered
     * @param bool     $isGuess whether an amount is guessed and then counted
     * @param int      $load    how large its numbers are, to find a smaller one or a bigger
     * @param int|null $amount  that is counted, where one is guessed
     * @param string       $picture SVG
     * @param string|null  $helped    SVG of it begun; null where it shows no more
     * @param string|null  $finished  SVG of it done, to check by; null where it shows no more
     * @param string|null  $forParent said to the parent
     * @param list<StandInView> $standIns the nearest first
     * @param list<Method> $methods that can happen, those of the activity first
     * @param list<Slip>   $slips   that can happen, those of the activity first
     */
    public function __construct(
        public string $sittingId,
        public string $questionId,
        public string $stepId,
        public Level $level,
        public string $ask,
        public string $askAgain,
        public string $answer,
        public bool $open,
        public int $load,
        public bool $isGuess,
        public ?int $amount,
        public string $picture,
        public ?string $finished,
        public ?string $helped,
        public array $standIns,
        public ?string $forParent,
        public array $methods,
        public array $slips,
        public ?DoneAttemptView $done,
    ) {
    }
}
