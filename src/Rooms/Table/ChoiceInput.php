<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Table;

use Pindle\Core\Advice\DecisionKind;
use Symfony\Component\Validator\Constraints as Assert;

/** What the parent wants to come next for a step of a child. */
final readonly class ChoiceInput
{
    public function __construct(
        #[Assert\Length(min: 1, max: 36)]
        public string $childId,
        #[Assert\Length(min: 1, max: 40)]
        public string $stepId,
        public DecisionKind $kind,
    ) {
    }
}
