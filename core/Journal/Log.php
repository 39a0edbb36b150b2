<?php

declare(strict_types=1);

namespace Pindle\Core\Journal;

use Pindle\Core\Calendar\LocalDate;

/** Minutes and days of a stretch of time, by child, by strand and by month. */
final readonly class Log
{
    /**
     * @param array<string, int>                            $days     child id => days on which something was done with them
     * @param array<string, int>                            $minutes  child id => minutes
     * @param array<string, array<string, int>>             $strands  child id => strand => minutes
     * @param array<string, array<string, array{int, int}>> $months   child id => month as 2026-03 => days and minutes
     * @param int                                           $daysOfAll days on which something was done with anyone
     */
    private function __construct(public array $days, public array $minutes, public array $strands, public array $months, public int $daysOfAll)
    {
    }

    /**
     * @param iterable<Sat>                          $sittings
     * @param iterable<array{LocalDate, string}> $besides days and children of what was done instead and has no minutes
     */
    public static function of(iterable $sittings, iterable $besides = []): self
    {
        $minutes = $strands = $dates = $months = [];
        foreach ($sittings as $sat) {
            [$child, $month] = [$sat->childId, substr($sat->day->toString(), 0, 7)];
            $dates[$child][$sat->day->toString()] = true;
            $minutes[$child] = ($minutes[$child] ?? 0) + $sat->minutes;
            $months[$child][$month] = ($months[$child][$month] ?? 0) + $sat->minutes;
            foreach ($sat->byStrand() as $strand => $own) {
                $strands[$child][$strand] = ($strands[$child][$strand] ?? 0) + $own;
            }
        }
        foreach ($besides as [$day, $child]) {
            $dates[$child][$day->toString()] = true;
            $months[$child][substr($day->toString(), 0, 7)] ??= 0;
            $minutes[$child] ??= 0;
        }
        $byMonth = [];
        foreach ($months as $child => $own) {
            ksort($own);
            foreach ($own as $month => $sum) {
                $days = array_filter(array_keys($dates[$child]), static fn (string $date): bool => str_starts_with($date, $month));
                $byMonth[$child][$month] = [\count($days), $sum];
            }
        }

        return new self(
            array_map(\count(...), $dates),
            $minutes,
            $strands,
            $byMonth,
            \count(array_merge(...array_values($dates))),
        );
    }
}
