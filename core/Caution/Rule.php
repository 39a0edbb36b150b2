<?php

declare(strict_types=1);

namespace Pindle\Core\Caution;

/** One caution as data. It applies to children younger than so many months, or to all when that is null. */
final readonly class Rule
{
    public function __construct(
        public string $id,
        public Test $test,
        public Severity $level,
        public ?int $underMonths = null,
        public ?string $trait = null,
    ) {
    }
}
