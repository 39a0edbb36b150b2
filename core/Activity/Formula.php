<?php

declare(strict_types=1);

namespace Pindle\Core\Activity;

/**
 * How many of a thing to lay out, worked out from the question set: "n", "a + b", "3 * r", "sum + 3", "min(3 * r, 60)".
 * n is the largest amount asked about, a, b and c the largest parts, r the reach, sum the labels laid out at a time.
 */
final readonly class Formula
{
    public const NAMES = ['n', 'a', 'b', 'c', 'r', 'sum'];

    /** No count is larger, so that it stays a whole number. */
    public const MOST = 1_000_000;

    /** So many cases are tried before a formula counts as too tangled to be sure of. */
    public const MOST_CASES = 100_000;

    /** @param list<string> $tokens */
    private function __construct(public string $text, private array $tokens)
    {
    }

    /** @throws BrokenFormula when it cannot be read */
    public static function parse(string $text): self
    {
        if (\strlen($text) > 80) {
            throw BrokenFormula::tooLong($text);
        }
        preg_match_all('/\d+|[a-z]+|\S/', $text, $found);
        $formula = new self($text, $found[0]);
        $formula->count(array_fill_keys(self::NAMES, 1));

        return $formula;
    }

    /**
     * The count for these numbers, rounded up, never below 0 or above MOST.
     *
     * @param array<string, int> $values one for each of NAMES
     *
     * @throws BrokenFormula
     */
    public function count(array $values): int
    {
        $at = 0;
        $value = $this->sum($at, $values);
        if (isset($this->tokens[$at])) {
            throw BrokenFormula::unexpected($this->text, $this->tokens[$at]);
        }

        return (int) max(0.0, min((float) self::MOST, ceil($value)));
    }

    /**
     * Tries the formula with every case it may meet: only a division can fail.
     *
     * @param array<string, list<int>> $values what each of NAMES may be
     *
     * @throws BrokenFormula with the first case it fails at, or when there are more than MOST_CASES
     */
    public function try(array $values): void
    {
        if (!\in_array('/', $this->tokens, true)) {
            return;
        }
        $cases = [array_fill_keys(self::NAMES, 1)];
        foreach (array_intersect(self::NAMES, $this->tokens) as $name) {
            if (\count($cases) * \count($values[$name]) > self::MOST_CASES) {
                throw BrokenFormula::tangled($this->text);
            }
            $cases = array_merge(...array_map(
                static fn (int $value): array => array_map(static fn (array $case): array => [$name => $value] + $case, $cases),
                $values[$name],
            ));
        }
        foreach ($cases as $case) {
            $this->count($case);
        }
    }

    /** @param array<string, int> $values */
    private function sum(int &$at, array $values): float
    {
        $value = $this->product($at, $values);
        while (\in_array($this->tokens[$at] ?? '', ['+', '-'], true)) {
            $sign = '+' === $this->tokens[$at++] ? 1 : -1;
            $value += $sign * $this->product($at, $values);
        }

        return $value;
    }

    /** @param array<string, int> $values */
    private function product(int &$at, array $values): float
    {
        $value = $this->factor($at, $values);
        while (\in_array($this->tokens[$at] ?? '', ['*', '/'], true)) {
            $times = '*' === $this->tokens[$at++];
            $factor = $this->factor($at, $values);
            if (!$times && 0.0 === $factor) {
                throw BrokenFormula::dividesByNothing($this->text, array_intersect_key($values, array_flip($this->tokens)));
            }
            $value = $times ? $value * $factor : $value / $factor;
        }

        return $value;
    }

    /** @param array<string, int> $values */
    private function factor(int &$at, array $values): float
    {
        $token = $this->tokens[$at++] ?? throw BrokenFormula::unexpected($this->text, 'end');
        if (ctype_digit($token)) {
            return (float) $token;
        }
        if (isset($values[$token])) {
            return (float) $values[$token];
        }
        if ('(' === $token) {
            $value = $this->sum($at, $values);
            $this->expect($at, ')');

            return $value;
        }
        if ('min' === $token || 'max' === $token) {
            $this->expect($at, '(');
            $first = $this->sum($at, $values);
            $this->expect($at, ',');
            $second = $this->sum($at, $values);
            $this->expect($at, ')');

            return 'min' === $token ? min($first, $second) : max($first, $second);
        }
        throw BrokenFormula::unexpected($this->text, $token);
    }

    private function expect(int &$at, string $token): void
    {
        $found = $this->tokens[$at++] ?? 'end';
        if ($found !== $token) {
            throw BrokenFormula::unexpected($this->text, $found);
        }
    }
}
