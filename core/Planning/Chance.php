<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** What a search leaves to chance: the same for the same seed. */
final class Chance
{
    private readonly Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Xoshiro256StarStar($seed));
    }

    /** Whether something comes about that does so many times in ten. */
    public function inTen(int $times): bool
    {
        return $this->random->getInt(0, 9) < $times;
    }

    /** A whole number from 1 to so many. */
    public function upTo(int $most): int
    {
        return $this->random->getInt(1, $most);
    }

    /** Between 0 and 1, neither of them. */
    public function share(): float
    {
        return $this->random->getInt(1, 999_999) / 1_000_000;
    }

    /** Less than so many and at least 0, the first ones more often. */
    public function early(int $of): int
    {
        return (int) ($of * ($this->random->getInt(0, 9_999) / 10_000) ** 2);
    }

    /** The same, the last ones more often. */
    public function late(int $of): int
    {
        return $of - 1 - $this->early($of);
    }

    /**
     * One of these, each as well as another.
     *
     * @template T
     *
     * @param non-empty-list<T> $of
     *
     * @return T
     */
    public function one(array $of): mixed
    {
        return $of[$this->random->getInt(0, \count($of) - 1)];
    }

    /**
     * One of these, the first ones more often.
     *
     * @template T
     *
     * @param non-empty-list<T> $of
     *
     * @return T
     */
    public function oneEarly(array $of): mixed
    {
        return $of[$this->early(\count($of))];
    }

    /**
     * In any order.
     *
     * @template T
     *
     * @param list<T> $of
     *
     * @return list<T>
     */
    public function shuffled(array $of): array
    {
        return $this->random->shuffleArray($of);
    }
}
