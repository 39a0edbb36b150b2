<?php

declare(strict_types=1);

namespace Pindle\Core\Caution;

/** One rule that speaks about one thing (or prop) because of one child in reach. */
final readonly class Caution
{
    public function __construct(
        public string $rule,
        public Severity $severity,
        public string $thing,
        public string $childId,
        public string $childName,
    ) {
    }

    public function blocks(): bool
    {
        return Severity::Block === $this->severity;
    }
}
