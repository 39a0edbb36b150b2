<?php

declare(strict_types=1);

namespace Pindle\Core\Child;

/** The coins a house pays with: which values there are, and how many of each are at hand. */
final readonly class CoinSet
{
    /** A made-up set, ten of each. */
    private const PLAY = [1 => 10, 2 => 10, 5 => 10, 10 => 10, 20 => 10, 50 => 10];

    private const MOST_VALUES = 12;
    private const MOST_OF_ONE = 100;
    private const LARGEST = 100;

    /** So many there are of a value that is only named. */
    private const USUAL = 10;

    /** @param array<int, int> $atHand value => how many, smallest value first */
    private function __construct(public array $atHand)
    {
    }

    public static function play(): self
    {
        return new self(self::PLAY);
    }

    /**
     * "1, 2, 5" or "1 x 6, 2 x 4, 5": values of 1 to 100, up to 12 of them, up to 100 of each.
     *
     * @throws InvalidCoins when it cannot be read so
     */
    public static function parse(string $text): self
    {
        $atHand = [];
        foreach (array_filter(array_map(trim(...), explode(',', $text)), static fn (string $one): bool => '' !== $one) as $one) {
            if (1 !== preg_match('/^(\d{1,4})(?:\s*[x×]\s*(\d{1,4}))?$/u', $one, $found)) {
                throw InvalidCoins::unread($one);
            }
            [$value, $count] = [(int) $found[1], (int) ($found[2] ?? self::USUAL)];
            if ($value < 1 || $value > self::LARGEST || $count < 1 || $count > self::MOST_OF_ONE || isset($atHand[$value])) {
                throw InvalidCoins::unread($one);
            }
            $atHand[$value] = $count;
        }
        if ([] === $atHand || \count($atHand) > self::MOST_VALUES) {
            throw InvalidCoins::count(self::MOST_VALUES);
        }
        ksort($atHand);

        return new self($atHand);
    }

    /** As it is typed. */
    public function toString(): string
    {
        return implode(', ', array_map(
            static fn (int $value, int $count): string => $value.(self::USUAL === $count ? '' : ' x '.$count),
            array_keys($this->atHand),
            $this->atHand,
        ));
    }

    /** @return list<int> smallest first */
    public function values(): array
    {
        return array_keys($this->atHand);
    }

    /** Whether an amount can be paid with one kind of coin. */
    public function paysWithOneKind(int $amount): bool
    {
        foreach ($this->atHand as $value => $count) {
            if (0 === $amount % $value && intdiv($amount, $value) <= $count) {
                return true;
            }
        }

        return false;
    }
}
