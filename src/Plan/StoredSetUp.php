<?php

declare(strict_types=1);

namespace Pindle\App\Plan;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Planning\SetUp;

/** A set-up of a day with all that is kept of it. Its key in the plan is its id. */
final readonly class StoredSetUp
{
    /** @param array<string, StoredSitting> $sittings by child id */
    public function __construct(
        public SetUp $setUp,
        public LocalDate $date,
        public SetUpState $state,
        public int $revision,
        public array $sittings,
        public bool $held = false,
        public bool $refused = false,
        public ?string $note = null,
    ) {
    }

    public function isDone(): bool
    {
        return SetUpState::Done === $this->state;
    }

    /** Whether it stays as it is when the day is planned again. */
    public function isKept(): bool
    {
        return $this->isDone() || SetUpState::Begun === $this->state;
    }

    /** The sitting of an id; null when it is not of this set-up. */
    public function sitting(string $sittingId): ?StoredSitting
    {
        foreach ($this->sittings as $sitting) {
            if ($sitting->id === $sittingId) {
                return $sitting;
            }
        }

        return null;
    }

    /** @return list<string> */
    public function sittingIds(): array
    {
        return array_values(array_map(static fn (StoredSitting $sitting): string => $sitting->id, $this->sittings));
    }
}
