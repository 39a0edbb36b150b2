<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

use Pindle\App\Content\Words;
use Pindle\App\Plan\PastDays;
use Pindle\App\Plan\SetUpState;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Http\Refusal;
use Pindle\Core\Calendar\DayRange;
use Pindle\Core\Calendar\InvalidWeek;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Journal\Parts;

/** Puts a portfolio together: days, photographs and pages of a time, as they were chosen. */
final readonly class Portfolio
{
    public function __construct(
        private PastDays $past,
        private DayPages $days,
        private PortfolioPages $pages,
        private Who $who,
        private Words $words,
        private Clock $clock,
    ) {
    }

    /**
     * All there is to choose from, with how much of it is chosen.
     *
     * @throws Refusal 422 when the time is none
     */
    public function all(PortfolioQuery $query): PortfolioView
    {
        [$all, $chosen] = [$this->of($query, []), $this->chosen($query)];

        return new PortfolioView(
            $all->from,
            $all->to,
            $all->title,
            $all->children,
            $all->days,
            $all->pages,
            $chosen->photographs,
            $chosen->parts,
            Parts::MOST,
            $all->footnote,
        );
    }

    /**
     * What was chosen.
     *
     * @throws Refusal 422 when the time is none
     */
    public function chosen(PortfolioQuery $query): PortfolioView
    {
        return $this->of($query, $query->leftOut());
    }

    /**
     * One part of what was chosen: days with those of their photographs that are in it, and the pages up to the next part.
     *
     * @throws Refusal 404 when there is no such part
     */
    public function part(PortfolioView $all, int $number): PortfolioView
    {
        $parts = Parts::of(self::counts($all->days));
        $part = $parts[$number - 1] ?? throw Refusal::notFound('part', \sprintf('There are %d parts.', \count($parts)));
        $days = [];
        foreach ($all->days as $day) {
            if (isset($part[$day->date])) {
                [$first, $end] = $part[$day->date];
                $days[] = 0 === $first ? self::with($day, \array_slice($day->photographs, 0, $end)) : new PastDayView(
                    $day->date,
                    $day->called,
                    [],
                    [],
                    [],
                    [],
                    \array_slice($day->photographs, $first, $end - $first),
                );
            }
        }
        $ends = 1 === \count($parts) || $number === \count($parts) ? $all->to : (string) array_key_last($part);
        // A page stands in the first part that reaches its day.
        $before = $number < 2 ? '' : (string) array_key_last($parts[$number - 2] ?? []);
        $pages = array_values(array_filter($all->pages, static fn (PageView $page): bool => $page->day > $before && $page->day <= $ends));

        return new PortfolioView(
            $all->from,
            $all->to,
            $all->title,
            $all->children,
            $days,
            $pages,
            $all->photographs,
            $all->parts,
            Parts::MOST,
            $all->footnote,
        );
    }

    /** @param list<string> $without */
    private function of(PortfolioQuery $query, array $without): PortfolioView
    {
        try {
            $time = new DayRange(LocalDate::parse($query->from), LocalDate::parse($query->to));
        } catch (InvalidWeek $e) {
            throw Refusal::invalid('to', $this->words->say('week_refusals', $e->reason, array_map(
                fn (int|LocalDate $value): int|string => $value instanceof LocalDate ? $this->words->dated($value) : $value,
                $e->values,
            )));
        }
        $last = $time->to->isAfter($this->clock->today()) ? $this->clock->today() : $time->to;
        $dates = array_reverse(array_values(array_filter(
            $this->past->dates($last, DayRange::MOST, '' === $query->child ? null : $query->child),
            static fn (string $date): bool => $date >= $query->from,
        )));
        $days = [];
        foreach ($this->days->days($dates) as $day) {
            $day = $this->told($day, $query->child, $without);
            if (!\in_array($day->date, $without, true) && !self::isBare($day)) {
                $days[] = $day;
            }
        }
        $pages = array_filter(
            array_map(PageView::of(...), $this->pages->between($time->from, $time->to)),
            static fn (PageView $page): bool => !\in_array($page->id, $without, true),
        );
        $photographs = self::counts($days);

        return new PortfolioView(
            $query->from,
            $query->to,
            $this->words->say('week', 'title', ['from' => $this->words->dated($time->from), 'to' => $this->words->dated($time->to)]),
            array_values(array_filter($this->who->all(), static fn (WhoView $who): bool => '' === $query->child || $who->id === $query->child)),
            $days,
            array_values($pages),
            array_sum($photographs),
            \count(Parts::of($photographs)),
            Parts::MOST,
            $this->words->say('journal', 'letter-footnote'),
        );
    }

    /**
     * A day for others: what was done, not what was left; of one child, where only one is wanted.
     *
     * @param list<string> $without
     */
    private function told(PastDayView $day, string $childId, array $without): PastDayView
    {
        $isWanted = static fn (array $of): bool => '' === $childId || [] === $of || \in_array($childId, $of, true);

        return new PastDayView(
            $day->date,
            $day->called,
            array_values(array_filter($day->minutes, static fn (MinutesView $one): bool => $isWanted([$one->childId]))),
            array_values(array_filter(
                array_map(static fn (PastSetUpView $setUp): PastSetUpView => self::only($setUp, $childId), $day->setUps),
                static fn (PastSetUpView $setUp): bool => SetUpState::Done === $setUp->state && [] !== $setUp->children,
            )),
            array_values(array_filter($day->instead, static fn (InsteadView $one): bool => $isWanted($one->childIds))),
            array_values(array_filter($day->elsewhere, static fn (ElsewhereView $one): bool => $isWanted([$one->childId]))),
            array_values(array_filter(
                $day->photographs,
                static fn (PhotographView $one): bool => $isWanted($one->childIds) && !\in_array($one->id, $without, true),
            )),
        );
    }

    private static function only(PastSetUpView $setUp, string $childId): PastSetUpView
    {
        return new PastSetUpView(
            $setUp->id,
            $setUp->name,
            $setUp->start,
            $setUp->minutes,
            $setUp->state,
            $setUp->note,
            array_values(array_filter($setUp->children, static fn (PastSittingView $one): bool => '' === $childId || $one->childId === $childId)),
        );
    }

    private static function isBare(PastDayView $day): bool
    {
        return [] === $day->setUps && [] === $day->instead && [] === $day->elsewhere && [] === $day->photographs;
    }

    /** @param list<PhotographView> $photographs */
    private static function with(PastDayView $day, array $photographs): PastDayView
    {
        return new PastDayView($day->date, $day->called, $day->minutes, $day->setUps, $day->instead, $day->elsewhere, $photographs);
    }

    /**
     * @param list<PastDayView> $days
     *
     * @return array<string, int> day => photographs
     */
    private static function counts(array $days): array
    {
        $counts = [];
        foreach ($days as $day) {
            $counts[$day->date] = \count($day->photographs);
        }

        return $counts;
    }
}
