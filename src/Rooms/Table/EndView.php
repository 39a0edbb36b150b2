<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Table;

use Pindle\App\Views\StepView;
use Pindle\Core\Advice\DecisionKind;
use Pindle\Core\Evidence\Mark;

/** What follows for one child, with its reason. */
final readonly class EndView
{
    /**
     * @param list<string> $opens
     */
    public function __construct(
        public string $childId,
        public string $childName,
        public StepView $step,
        public DecisionKind $kind,
        public string $name,
        public string $sentence,
        public ?string $remedy,
        public array $opens,
        public Mark $markBefore,
        public Mark $markAfter,
        /** The first day it may come back, where it rests. */
        public ?string $comes,
    ) {
    }
}
