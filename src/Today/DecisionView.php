<?php

declare(strict_types=1);

namespace Pindle\App\Today;

/** What followed from a sitting, in a sentence. */
final readonly class DecisionView
{
    /**
     * @param list<string> $opens
     */
    public function __construct(
        public string $kind,
        public string $name,
        public string $sentence,
        public array $opens,
        public string $markBefore,
        public string $markAfter,
    ) {
    }
}
