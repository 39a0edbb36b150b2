<?php

declare(strict_types=1);

namespace Pindle\Core\Journal;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\Method;
use Pindle\Core\Skill\Strand;

/** Ways of working over weeks, where the taps were given. Values in, values out. */
final readonly class WaysOfWorking
{
    /** The strands in which a way says something. */
    public const STRANDS = [Strand::Parts, Strand::Adding, Strand::Taking];

    /** With fewer taps a stretch of time has no way that is the usual one. */
    public const ENOUGH = 4;

    /** @param array<string, array<string, int>> $weeks date of the Monday => way => how often, in order of time */
    private function __construct(public array $weeks)
    {
    }

    /** @param iterable<array{LocalDate, Method}> $taps of sums and differences that were worked without help */
    public static function of(iterable $taps): self
    {
        $weeks = [];
        foreach ($taps as [$day, $method]) {
            [$monday, $way] = [$day->monday()->toString(), Way::of($method)?->value];
            if (null !== $way) {
                $weeks[$monday][$way] = ($weeks[$monday][$way] ?? 0) + 1;
            }
        }
        ksort($weeks);

        return new self($weeks);
    }

    /**
     * The usual way in the first half of a stretch of time and in the second, by whole weeks.
     *
     * @return array{Way, Way}|null null where one of the halves has too few taps
     */
    public function thenAndNow(LocalDate $from, LocalDate $to): ?array
    {
        $half = $from->plusDays(intdiv($from->daysUntil($to), 2));
        [$then, $now] = [$this->usual($from, $half), $this->usual($half->monday()->plusDays(7), $to)];

        return null === $then || null === $now ? null : [$then, $now];
    }

    /** The way of most taps from one day to another, both included; of two as frequent the one further along. Null where there are too few. */
    public function usual(LocalDate $from, LocalDate $to): ?Way
    {
        $counts = array_fill_keys(array_column(Way::cases(), 'value'), 0);
        foreach ($this->weeks as $monday => $ways) {
            if ($monday >= $from->monday()->toString() && $monday <= $to->toString()) {
                foreach ($ways as $way => $times) {
                    $counts[$way] += $times;
                }
            }
        }
        if (array_sum($counts) < self::ENOUGH) {
            return null;
        }
        $best = array_keys($counts, max($counts), true);

        return Way::from((string) end($best));
    }
}
