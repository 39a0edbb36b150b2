<?php

declare(strict_types=1);

namespace Pindle\App\Plan;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;

/** A set-up of a day as far as a look over many days needs it. */
final readonly class SetUpInShort
{
    /** @param non-empty-array<string, list<string>> $steps child id => steps their sitting is about */
    public function __construct(
        public string $id,
        public LocalDate $date,
        public string $activityId,
        public Span $span,
        public bool $isDone,
        public array $steps,
    ) {
    }
}
