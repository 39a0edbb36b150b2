<?php

declare(strict_types=1);

namespace Pindle\App\Table;

use Pindle\App\Platform\View\SceneView;

/** One question for one child, in the order they are asked. */
final readonly class TurnView
{
    public function __construct(
        public string $sittingId,
        public int $place,
        public string $stepId,
        public string $level,
        public string $ask,
        public string $answer,
        public bool $open,
        public bool $isGuess,
        public int|string $exact,
        public SceneView $scene,
        public ?DoneTryView $done,
    ) {
    }
}
