<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

use Pindle\Core\Advice\DecisionKind;
use Pindle\Core\Evidence\Mark;

/** What followed from a sitting, in a sentence. */
final readonly class DecisionView
{
    /**
     * @param list<string> $opens
     */
    public function __construct(
        public DecisionKind $kind,
        public string $name,
        public string $sentence,
        public array $opens,
        public Mark $markBefore,
        public Mark $markAfter,
    ) {
    }
}
