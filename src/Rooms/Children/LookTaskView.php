<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Children;

use Pindle\App\Views\StepView;

/** One tiny task, whole: what to have ready and to lay out as it is drawn, what to say, and what to look for. */
final readonly class LookTaskView
{
    /**
     * @param string       $answer   for the parent
     * @param list<string> $bring    things and what else to have ready
     * @param string       $spare    why there are more than are asked for; empty where there are not
     * @param string       $picture  SVG; empty where there is nothing to see
     * @param bool         $onScreen whether the picture is shown to the child, and nothing is laid out
     */
    public function __construct(
        public int $number,
        public StepView $step,
        public string $ask,
        public string $answer,
        public string $lookFor,
        public array $bring,
        public string $spare,
        public string $picture,
        public bool $onScreen,
    ) {
    }
}
