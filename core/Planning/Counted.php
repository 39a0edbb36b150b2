<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

/** What one set-up brings into the goal of its day: worked out once, added up with others again and again. */
final readonly class Counted
{
    /**
     * @param bool                                                    $isKept   begun or done: what it cost is spent
     * @param int                                                     $start    in minutes after midnight
     * @param list<array{string, list<array{string, float, int}>}> $sittings child id, and of each course its step, its value and its tries
     * @param array<string, true>                                     $kinds    ids of what is fetched for it, things and props
     * @param bool                                                    $isNew    whether the parent has to learn the activity
     * @param array<string, true>                                     $toMake   ids of what has to be made before
     */
    public function __construct(
        public bool $isKept,
        public int $start,
        public int $minutes,
        public string $activityId,
        public string $place,
        public array $sittings,
        public array $kinds,
        public bool $isWith,
        public bool $isNew = false,
        public array $toMake = [],
    ) {
    }

    /** The same at another time. */
    public function at(int $start): self
    {
        return $start === $this->start ? $this : new self(
            $this->isKept,
            $start,
            $this->minutes,
            $this->activityId,
            $this->place,
            $this->sittings,
            $this->kinds,
            $this->isWith,
            $this->isNew,
            $this->toMake,
        );
    }
}
