<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

use Pindle\App\Views\StepView;
use Pindle\Core\Skill\Form;

/** One child's place at a set-up. */
final readonly class SittingView
{
    /**
     * @param StepView|null       $second       the other step of the sitting
     * @param string|null         $secondReason why that
     * @param list<WorthPartView> $worth
     * @param list<DecisionView>  $alsoDecided  what followed for the other step
     */
    public function __construct(
        public string $id,
        public string $childId,
        public string $childName,
        public int $thread,
        public StepView $step,
        public ?Form $form,
        public string $reason,
        public ?StepView $second,
        public ?string $secondReason,
        public bool $brandNew,
        public int $questions,
        public array $worth,
        public ?DecisionView $decision,
        public array $alsoDecided,
    ) {
    }
}
