<?php

declare(strict_types=1);

namespace Pindle\Bench;

/** Named rows of named measures, each with one value a child; adding up shards keeps every value. */
final class Figures
{
    /** @var array<string, array<string, array<float>>> row => measure => values; by whom they are of where two rows are compared */
    public array $values = [];

    /** @param string|null $of whom it is of, not a number */
    public function add(string $row, string $measure, float $value, ?string $of = null): void
    {
        if (null === $of) {
            $this->values[$row][$measure][] = $value;
        } else {
            $this->values[$row][$measure][$of] = $value;
        }
    }

    /** @param array<string, array<string, array<float>>> $values */
    public function addAll(array $values): void
    {
        foreach ($values as $row => $measures) {
            foreach ($measures as $measure => $list) {
                $this->values[$row][$measure] = [...$this->values[$row][$measure] ?? [], ...$list];
            }
        }
    }

    /** The mean alone; 0 where there is nothing. */
    public function plainMean(string $row, string $measure): float
    {
        $values = $this->values[$row][$measure] ?? [];

        return [] === $values ? 0.0 : array_sum($values) / \count($values);
    }

    /** Mean with its 95 % interval (1.96 standard errors). */
    public function mean(string $row, string $measure, int $digits = 3): string
    {
        $values = $this->values[$row][$measure] ?? [];
        $n = \count($values);
        if ($n < 2) {
            return '–';
        }
        $mean = array_sum($values) / $n;
        $variance = array_sum(array_map(static fn (float $value): float => ($value - $mean) ** 2, $values)) / ($n - 1);

        return \sprintf("%.{$digits}f ±%.{$digits}f", $mean, 1.96 * sqrt($variance / $n));
    }

    /** Mean difference between two rows, child by child, with its 95 % interval: what one child gains by one way over the other. */
    public function gain(string $row, string $over, string $measure): string
    {
        $difference = new self();
        foreach ($this->values[$row][$measure] as $i => $value) {
            $difference->add('', '', $value - $this->values[$over][$measure][$i]);
        }

        return $difference->mean('', '', 1);
    }

    /** The value that so large a share of all is at or under. */
    public function quantile(string $row, string $measure, float $share): string
    {
        $values = $this->values[$row][$measure] ?? [];
        sort($values);

        return [] === $values ? '–' : (string) $values[min(\count($values) - 1, (int) floor($share * \count($values)))];
    }

    /**
     * All rows with these measures as a table.
     *
     * @param list<string> $measures
     * @param list<string> $without  rows left out
     */
    public function table(string $first, array $measures, int $digits = 3, array $without = []): string
    {
        $text = '| '.$first.' | '.implode(' | ', $measures)." |\n|".str_repeat('---|', 1 + \count($measures))."\n";
        foreach (array_keys($this->values) as $row) {
            if (isset($this->values[$row][$measures[0]]) && !\in_array($row, $without, true)) {
                $text .= '| '.$row.' | '.implode(' | ', array_map(fn (string $measure): string => $this->mean($row, $measure, $digits), $measures))." |\n";
            }
        }

        return $text;
    }
}
