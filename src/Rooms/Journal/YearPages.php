<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

use Pindle\App\Content\Words;
use Pindle\App\Household\House;
use Pindle\App\Plan\PastDays;
use Pindle\App\Platform\Clock;
use Pindle\Core\Calendar\DayRange;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Journal\Log;
use Pindle\Core\Skill\Strand;

/** Adds a year of the house up. */
final readonly class YearPages
{
    public function __construct(private PastDays $past, private House $house, private Words $words, private Who $who, private Clock $clock)
    {
    }

    public function of(?string $day): YearView
    {
        $start = $this->house->yearStart();
        $today = $this->clock->today();
        $year = $start->yearOf(null === $day ? $today : LocalDate::parse($day));
        $log = Log::of($this->past->sat($year->from, $year->to), $this->past->besides($year->from, $year->to));
        $children = array_values(array_filter($this->who->all(), static fn (WhoView $who): bool => isset($log->days[$who->id])));
        $first = $this->past->first();
        $met = array_merge(...array_values($log->strands));

        return new YearView(
            $year->from->toString(),
            $year->to->toString(),
            $this->title($year),
            $start->month,
            $start->day,
            null !== $first && $year->from->isAfter($first) ? $year->from->plusDays(-1)->toString() : null,
            $today->isAfter($year->to) ? $year->to->plusDays(1)->toString() : null,
            array_map(static fn (WhoView $who): YearChildView => new YearChildView(
                $who,
                $log->days[$who->id],
                $log->minutes[$who->id],
                $log->strands[$who->id] ?? [],
                $log->months[$who->id] ?? [],
            ), $children),
            array_combine(
                array_map(static fn (Strand $strand): string => $strand->value, self::met($met)),
                array_map(fn (Strand $strand): string => $this->words->say('strands', $strand), self::met($met)),
            ),
            $this->months($year, $today),
            $log->daysOfAll,
            $this->words->say('journal', 'rules-differ'),
        );
    }

    private function title(DayRange $year): string
    {
        return $this->words->say('week', 'title', ['from' => $this->words->dated($year->from), 'to' => $this->words->dated($year->to)]);
    }

    /**
     * @param array<string, int> $minutes by strand
     *
     * @return list<Strand> in order
     */
    private static function met(array $minutes): array
    {
        return array_values(array_filter(Strand::cases(), static fn (Strand $strand): bool => isset($minutes[$strand->value])));
    }

    /** @return array<string, string> those that have begun */
    private function months(DayRange $year, LocalDate $today): array
    {
        $months = [];
        $last = $today->isAfter($year->to) ? $year->to : $today;
        for ($day = $year->from; !$day->isAfter($last); $day = $day->plusDays(1)) {
            $months[substr($day->toString(), 0, 7)] ??= $this->words->month($day);
        }

        return $months;
    }
}
