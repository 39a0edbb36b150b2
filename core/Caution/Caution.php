<?php

declare(strict_types=1);

namespace Pindle\Core\Caution;

/** One rule that speaks about one thing (or prop) because of one child in reach. */
final readonly class Caution
{
    /** @param string|null $what the allergen it is about, in words; null where it is about none */
    public function __construct(
        public string $rule,
        public Severity $severity,
        public string $thing,
        public string $childId,
        public string $childName,
        public ?string $what = null,
        public bool $withYou = false,
    ) {
    }

    public function blocks(): bool
    {
        return $this->severity->blocks();
    }
}
