<?php

declare(strict_types=1);

namespace Pindle\Core\Journal;

/** A square of facts, as it is laid out: the first number down, the second across. */
enum FactSquare: string
{
    case SumsToTen = 'sums-to-ten';
    case SumsToTwenty = 'sums-to-twenty';
    case Differences = 'differences';

    /** Largest sum of the first square. */
    private const TEN = 10;

    /** @return list<Fact> row by row */
    public function facts(): array
    {
        $facts = [];
        foreach ($this->rows() as $first) {
            foreach (range(0, Fact::PART_MOST) as $second) {
                $fact = $this->fact($first, $second);
                if (null !== $fact) {
                    $facts[] = $fact;
                }
            }
        }

        return $facts;
    }

    /** @return list<int> first numbers, one a row */
    public function rows(): array
    {
        return self::Differences === $this ? range(1, Fact::WHOLE_MOST) : range(0, Fact::PART_MOST);
    }

    /** Null where the square has no fact. */
    public function fact(int $first, int $second): ?Fact
    {
        return match ($this) {
            self::SumsToTen => $first + $second <= self::TEN ? Fact::sum($first, $second) : null,
            self::SumsToTwenty => Fact::sum($first, $second),
            self::Differences => Fact::difference($first, $second),
        };
    }
}
