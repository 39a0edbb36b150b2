<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Week;

use Pindle\App\Content\Words;
use Pindle\App\Household\Children;
use Pindle\App\Household\House;
use Pindle\App\Household\Weeks;
use Pindle\App\Plan\DayEntity;
use Pindle\App\Plan\Days;
use Pindle\App\Plan\ManyDays;
use Pindle\App\Plan\SetUpInShort;
use Pindle\App\Platform\Clock;
use Pindle\App\Views\Names;
use Pindle\Core\Calendar\DayRange;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Calendar\Week;
use Pindle\Core\Child\Child;
use Pindle\Core\Planning\Outlook;

/** Writes a week out: how its days are used, what is planned in full, what was done. */
final readonly class WeekViews
{
    public function __construct(
        private Weeks $weeks,
        private Days $said,
        private ManyDays $days,
        private Children $children,
        private House $house,
        private Names $names,
        private Words $words,
        private Clock $clock,
    ) {
    }

    public function of(LocalDate $shown): WeekView
    {
        $today = $this->clock->today();
        [$from, $to] = [$shown->monday(), $shown->monday()->plusDays(6)];
        $week = $this->said->week();
        $children = $this->children->present($today);
        $threads = $this->children->threads();
        $stored = $this->days->days($from, $to);
        $setUps = $this->days->inShort($from, $to);
        $untouched = $this->days->untouchedSince($today);

        return new WeekView(
            $from->toString(),
            $to->toString(),
            $today->toString(),
            $this->weeks->version(),
            $this->weeks->canGoBack(),
            array_map(static fn (Child $child): WeekChildView => new WeekChildView(
                $child->id,
                $child->name,
                $threads[$child->id] ?? 0,
                $child->minutesOn($today),
                $child->isPlannedOn($today),
            ), $children),
            array_map(
                fn (LocalDate $day): WeekDayView => $this->day($day, $week, $stored[$day->toString()] ?? null, $setUps[$day->toString()] ?? [], $children),
                array_map($from->plusDays(...), range(0, 6)),
            ),
            array_map(fn (int $weekday): UsualDayView => new UsualDayView(
                $weekday,
                $this->words->weekday($from->plusDays($weekday - 1)),
                self::rows($week->usually($weekday)->windows),
                $week->usually($weekday)->minutes,
            ), range(1, 7)),
            array_map(static fn (DayRange $range): RangeView => new RangeView($range->from->toString(), $range->to->toString()), $week->holidays),
            $this->away($week, $children),
            $this->house->lowUntil()?->toString(),
            null === $untouched ? null : $this->words->say('week', 'back', ['days' => $untouched]),
            $this->words->say('week', 'sure', ['steps' => Outlook::COME_OF_TEN]),
            // Of this week and the next; further off too much depends on what happens until then.
            !$today->isAfter($to) && !$from->isAfter($today->monday()->plusDays(7)),
        );
    }

    /**
     * @param list<SetUpInShort> $setUps
     * @param list<Child>        $children
     */
    private function day(LocalDate $date, Week $week, ?DayEntity $stored, array $setUps, array $children): WeekDayView
    {
        $today = $this->clock->today();
        $use = $week->on($date);
        $isOver = $today->isAfter($date);
        $windows = null === $stored ? $use->windows : $stored->spans();
        $isDone = [] !== array_filter($setUps, static fn (SetUpInShort $setUp): bool => $setUp->isDone);

        return new WeekDayView(
            $date->toString(),
            $this->words->weekday($date),
            self::rows($windows),
            $use->minutes,
            match (true) {
                !$isOver && true === $stored?->ownWindows => Why::Today,
                isset($week->once[$date->toString()]) => Why::Once,
                $week->isHoliday($date) => Why::Holiday,
                default => Why::Usual,
            },
            $isOver,
            $date->dayNumber === $today->dayNumber,
            true === $stored?->isPlanned(),
            array_map(fn (Child $child): ChildDayView => $this->child($child, $date, $week, $stored, $setUps), $children),
            $this->clockChange($date, $windows),
            $isOver && [] !== $setUps && !$isDone ? $this->words->say('week', 'untouched') : null,
        );
    }

    /** @param list<SetUpInShort> $setUps */
    private function child(Child $child, LocalDate $date, Week $week, ?DayEntity $stored, array $setUps): ChildDayView
    {
        $own = array_values(array_filter(
            $setUps,
            fn (SetUpInShort $setUp): bool => isset($setUp->steps[$child->id]) && null !== $this->names->activity($setUp->activityId),
        ));
        $absent = null === $stored ? ($week->isAway($child->id, $date) ? DayEntity::AWAY : null) : $stored->absence($child->id);
        $done = array_filter($own, static fn (SetUpInShort $setUp): bool => $setUp->isDone);

        return new ChildDayView(
            $child->id,
            $absent,
            $child->isPlannedOn($date) ? $week->on($date)->minutes[$child->id] ?? $child->minutesOn($date) : 0,
            array_sum(array_map(static fn (SetUpInShort $setUp): int => $setUp->span->minutes(), $done)),
            array_map(fn (SetUpInShort $setUp): WeekSetUpView => new WeekSetUpView(
                $setUp->id,
                $this->names->activity($setUp->activityId) ?? '',
                $setUp->span->start,
                $setUp->span->end,
                $setUp->isDone,
                array_values(array_filter(array_map($this->names->step(...), $setUp->steps[$child->id]))),
            ), $own),
        );
    }

    /**
     * @param list<Child> $children
     *
     * @return list<AwayView>
     */
    private function away(Week $week, array $children): array
    {
        $away = [];
        foreach ($children as $child) {
            foreach ($week->away[$child->id] ?? [] as $range) {
                $away[] = new AwayView($child->id, $child->name, $range->from->toString(), $range->to->toString());
            }
        }

        return $away;
    }

    /** @param list<Span> $windows */
    private function clockChange(LocalDate $date, array $windows): ?string
    {
        foreach ($windows as $window) {
            $minutes = $this->clock->lasts($date, $window);
            if ($minutes !== $window->minutes()) {
                return $this->words->say('week', $minutes < $window->minutes() ? 'clock-on' : 'clock-back', ['minutes' => $minutes]);
            }
        }

        return null;
    }

    /**
     * @param list<Span> $windows
     *
     * @return list<list<int>>
     */
    private static function rows(array $windows): array
    {
        return array_map(static fn (Span $window): array => [$window->start, $window->end], $windows);
    }
}
