<?php

declare(strict_types=1);

namespace Pindle\Core\Calendar;

/**
 * When a house does maths: how each weekday is used as a rule, days that are used otherwise once, holidays, and who is away when. What was said of one
 * day goes before a holiday, and a holiday before the rule; holidays, and the days a child is away, do not touch one another.
 */
final readonly class Week
{
    private const WEEKDAYS = [1, 2, 3, 4, 5, 6, 7];

    /**
     * @param array<int, DayUse>              $usual    weekday, 1 (Monday) to 7 => how it is used; one that is not there is off
     * @param array<string, DayUse>           $once     date => how that one day is used
     * @param list<DayRange>                  $holidays in order
     * @param array<string, list<DayRange>>   $away     child id => in order
     *
     * @throws InvalidWeek when there is no such weekday
     */
    public function __construct(public array $usual, public array $once = [], public array $holidays = [], public array $away = [])
    {
        foreach (array_keys($usual) as $weekday) {
            \in_array($weekday, self::WEEKDAYS, true) || throw InvalidWeek::weekday($weekday);
        }
    }

    /** A week in which every day is used alike. */
    public static function everyDay(DayUse $use): self
    {
        return new self(array_fill_keys(self::WEEKDAYS, $use));
    }

    public function on(LocalDate $day): DayUse
    {
        return $this->once[$day->toString()] ?? ($this->isHoliday($day) ? DayUse::off() : $this->usually($day->weekday()));
    }

    /** @param int $weekday 1 (Monday) to 7 */
    public function usually(int $weekday): DayUse
    {
        return $this->usual[$weekday] ?? DayUse::off();
    }

    /** @return list<Span> those of the first weekday that has any */
    public function someWindows(): array
    {
        foreach (self::WEEKDAYS as $weekday) {
            if (!$this->usually($weekday)->isOff()) {
                return $this->usually($weekday)->windows;
            }
        }

        return [];
    }

    public function isHoliday(LocalDate $day): bool
    {
        return self::holds($this->holidays, $day);
    }

    public function isAway(string $childId, LocalDate $day): bool
    {
        return self::holds($this->away[$childId] ?? [], $day);
    }

    /** @throws InvalidWeek when there is no such weekday */
    public function using(int $weekday, DayUse $use): self
    {
        return new self([$weekday => $use] + $this->usual, $this->once, $this->holidays, $this->away);
    }

    /** @param DayUse|null $use null where the day is as the others again */
    public function usingOnce(LocalDate $day, ?DayUse $use): self
    {
        $once = array_diff_key($this->once, [$day->toString() => true]);

        return new self($this->usual, null === $use ? $once : [...$once, $day->toString() => $use], $this->holidays, $this->away);
    }

    /** With days off. What was said of one of them before is forgotten. */
    public function resting(DayRange $holiday): self
    {
        $once = array_filter($this->once, static fn (string $day): bool => !$holiday->has(LocalDate::parse($day)), \ARRAY_FILTER_USE_KEY);

        return new self($this->usual, $once, self::with($this->holidays, $holiday), $this->away);
    }

    public function notResting(DayRange $holiday): self
    {
        return new self($this->usual, $this->once, self::without($this->holidays, $holiday), $this->away);
    }

    public function sending(string $childId, DayRange $away): self
    {
        return new self($this->usual, $this->once, $this->holidays, [...$this->away, $childId => self::with($this->away[$childId] ?? [], $away)]);
    }

    public function notSending(string $childId, DayRange $away): self
    {
        $days = self::without($this->away[$childId] ?? [], $away);

        return new self($this->usual, $this->once, $this->holidays, array_filter([...$this->away, $childId => $days]));
    }

    /** Without what was over before a day; the rule stays. */
    public function since(LocalDate $day): self
    {
        $ahead = static fn (DayRange $range): bool => !$day->isAfter($range->to);

        return new self(
            $this->usual,
            array_filter($this->once, static fn (string $one): bool => !$day->isAfter(LocalDate::parse($one)), \ARRAY_FILTER_USE_KEY),
            array_values(array_filter($this->holidays, $ahead)),
            array_filter(array_map(static fn (array $ranges): array => array_values(array_filter($ranges, $ahead)), $this->away)),
        );
    }

    /**
     * @param list<DayRange> $ranges
     *
     * @return list<DayRange> in order; what the new one touches is one with it
     */
    private static function with(array $ranges, DayRange $new): array
    {
        $apart = [];
        foreach ($ranges as $range) {
            if ($range->to->plusDays(1)->dayNumber < $new->from->dayNumber || $new->to->plusDays(1)->dayNumber < $range->from->dayNumber) {
                $apart[] = $range;
            } else {
                $new = new DayRange($range->from->isAfter($new->from) ? $new->from : $range->from, $range->to->isAfter($new->to) ? $range->to : $new->to);
            }
        }
        $all = [...$apart, $new];
        usort($all, static fn (DayRange $a, DayRange $b): int => $a->from->dayNumber <=> $b->from->dayNumber);

        return $all;
    }

    /**
     * @param list<DayRange> $ranges
     *
     * @return list<DayRange>
     */
    private static function without(array $ranges, DayRange $gone): array
    {
        return array_values(array_filter($ranges, static fn (DayRange $range): bool => !$range->is($gone)));
    }

    /** @param list<DayRange> $ranges */
    private static function holds(array $ranges, LocalDate $day): bool
    {
        return [] !== array_filter($ranges, static fn (DayRange $range): bool => $range->has($day));
    }
}
