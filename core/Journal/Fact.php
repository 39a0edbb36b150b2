<?php

declare(strict_types=1);

namespace Pindle\Core\Journal;

/** One fact of adding or taking: 3 + 4, or 9 − 2. A sum and its turn-around are two facts. */
final readonly class Fact
{
    /** Largest second number of a fact, and largest first number of a sum. */
    public const PART_MOST = 10;

    /** Largest first number of a difference, and largest sum. */
    public const WHOLE_MOST = 20;

    /** Questions that put a fact to a child, by the names they have in the record; each is followed by its numbers in order. */
    private const SUMS = ['sum-at-once', 'add-on', 'hop-on', 'near-double', 'bridge-ten', 'add-zero', 'join', 'join-sentence'];
    private const DOUBLES = ['double'];
    private const DIFFERENCES = ['difference-at-once', 'take', 'take-sentence', 'hop-back', 'bridge-back'];

    /**
     * @param int $first  0 to 10 of a sum, 1 to 20 of a difference
     * @param int $second 0 to 10, and not more than the first of a difference
     */
    private function __construct(public Operation $operation, public int $first, public int $second)
    {
    }

    /** @return list<string> the names of all questions that put a fact */
    public static function asks(): array
    {
        return [...self::SUMS, ...self::DOUBLES, ...self::DIFFERENCES];
    }

    /**
     * The fact that a question put; null where it put none of the squares.
     *
     * @param string $question key of the question, for example "join:6,2"
     */
    public static function of(string $question): ?self
    {
        [$ask, $numbers] = explode(':', $question, 2) + ['', ''];
        if (1 !== preg_match('/^\d{1,3}(,\d{1,3})?$/', $numbers)) {
            return null;
        }
        $numbers = array_map(intval(...), explode(',', $numbers));
        $pair = \in_array($ask, self::DOUBLES, true) ? [$numbers[0], $numbers[0]] : $numbers;

        return match (true) {
            2 !== \count($pair) => null,
            \in_array($ask, self::DIFFERENCES, true) => self::difference($pair[0], $pair[1]),
            \in_array($ask, self::SUMS, true), \in_array($ask, self::DOUBLES, true) => self::sum($pair[0], $pair[1]),
            default => null,
        };
    }

    /** Null outside the squares. */
    public static function sum(int $first, int $second): ?self
    {
        return $first > self::PART_MOST || $second > self::PART_MOST || min($first, $second) < 0 || 0 === $first + $second
            ? null
            : new self(Operation::Sum, $first, $second);
    }

    /** Null outside the squares. */
    public static function difference(int $first, int $second): ?self
    {
        return $first > self::WHOLE_MOST || $first < 1 || $second > min($first, self::PART_MOST) || $second < 0
            ? null
            : new self(Operation::Difference, $first, $second);
    }

    public function answer(): int
    {
        return Operation::Sum === $this->operation ? $this->first + $this->second : $this->first - $this->second;
    }

    /** As it is written down: "3 + 4", "9 − 2". */
    public function written(): string
    {
        return \sprintf('%d %s %d', $this->first, Operation::Sum === $this->operation ? '+' : '−', $this->second);
    }

    /** @return list<string> keys of the questions that put it, as they stand in the record */
    public function questions(): array
    {
        $numbers = \sprintf(':%d,%d', $this->first, $this->second);
        $asks = Operation::Sum === $this->operation ? self::SUMS : self::DIFFERENCES;
        $doubles = Operation::Sum === $this->operation && $this->first === $this->second ? self::DOUBLES : [];

        return [
            ...array_map(static fn (string $ask): string => $ask.$numbers, $asks),
            ...array_map(fn (string $ask): string => $ask.':'.$this->first, $doubles),
        ];
    }

    /** The same for the same fact: "sum:3,4". */
    public function key(): string
    {
        return \sprintf('%s:%d,%d', $this->operation->value, $this->first, $this->second);
    }
}
