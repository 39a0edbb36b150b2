<?php

declare(strict_types=1);

namespace Pindle\Core\Journal;

/** The guesses of one child over time: how far off on the whole, whether they close in, and what misled. */
final readonly class Guesses
{
    /** With fewer guesses nothing is said of where they go. */
    public const ENOUGH = 6;

    /** The later half is closer when it is off by at most this share of what the earlier was; farther from its counterpart on. */
    private const CLOSER = 0.8;

    /** A pot of other things misled when it was guessed so much more, or less, than the child's others: a share of the count. */
    private const MISLEADS = 0.25;

    /** @param list<Guess> $guesses in order of time */
    public function __construct(public array $guesses)
    {
    }

    /** How far off as a rule: the median of the shares, 0 and up; null where there is no guess. */
    public function off(): ?float
    {
        return self::median(self::shares($this->guesses));
    }

    public function trend(): Trend
    {
        $count = \count($this->guesses);
        if ($count < self::ENOUGH) {
            return Trend::TooFew;
        }
        $earlier = (float) self::median(self::shares(\array_slice($this->guesses, 0, intdiv($count, 2))));
        $later = (float) self::median(self::shares(\array_slice($this->guesses, -intdiv($count, 2))));

        return match (true) {
            $later < $earlier && $later <= self::CLOSER * $earlier => Trend::Closing,
            $later > $earlier && $earlier <= self::CLOSER * $later => Trend::Opening,
            default => Trend::Steady,
        };
    }

    /** What misled, over all pots of other things whose size is known beside the usual ones. */
    public function misled(): Misled
    {
        $usual = array_values(array_filter($this->guesses, static fn (Guess $guess): bool => !$guess->ofOthers));
        $side = self::median(array_values(array_filter(array_map(static fn (Guess $guess): ?float => $guess->side, $usual))));
        if (null === $side) {
            return Misled::Nothing;
        }
        $rule = (float) self::median(array_map(static fn (Guess $guess): float => $guess->off(), $usual));
        $others = array_filter($this->guesses, static fn (Guess $guess): bool => $guess->ofOthers && null !== $guess->side);
        $big = self::beyond($rule, array_filter($others, static fn (Guess $guess): bool => $guess->side > $side));
        $small = self::beyond($rule, array_filter($others, static fn (Guess $guess): bool => $guess->side < $side));

        return match (true) {
            null !== $big && $big >= self::MISLEADS => Misled::FewBig,
            null !== $small && $small <= -self::MISLEADS => Misled::ManySmall,
            default => Misled::Nothing,
        };
    }

    /**
     * How much more than as a rule these were guessed; null where there are none.
     *
     * @param array<Guess> $guesses
     */
    private static function beyond(float $rule, array $guesses): ?float
    {
        return self::median(array_map(static fn (Guess $guess): float => round($guess->off() - $rule, 9), array_values($guesses)));
    }

    /**
     * @param list<Guess> $guesses
     *
     * @return list<float>
     */
    private static function shares(array $guesses): array
    {
        return array_map(static fn (Guess $guess): float => abs($guess->off()), $guesses);
    }

    /** @param list<float> $values */
    private static function median(array $values): ?float
    {
        sort($values);
        $count = \count($values);

        return 0 === $count ? null : ($values[intdiv($count - 1, 2)] + $values[intdiv($count, 2)]) / 2;
    }
}
