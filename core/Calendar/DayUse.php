<?php

declare(strict_types=1);

namespace Pindle\Core\Calendar;

/** How a day is used: when the parent can be there, and how many minutes are for each child. Its windows lie in order and apart; a day without one is off. */
final readonly class DayUse
{
    /** A child has so many minutes of maths on a day, or none. */
    public const FEWEST_MINUTES = 5;
    public const MOST_MINUTES = 60;

    /** @var list<Span> */
    public array $windows;

    /**
     * @param list<Span>         $windows in any order
     * @param array<string, int> $minutes child id => 5 to 60, or 0 where the child has none that day; who is not named has the child's own
     *
     * @throws InvalidWeek when two windows overlap or minutes are out of range
     */
    public function __construct(array $windows, public array $minutes = [])
    {
        usort($windows, static fn (Span $a, Span $b): int => $a->start <=> $b->start);
        foreach ($windows as $i => $window) {
            if ($i > 0 && $windows[$i - 1]->overlaps($window)) {
                throw InvalidWeek::overlap($windows[$i - 1], $window);
            }
        }
        foreach ($minutes as $of) {
            if (0 !== $of && ($of < self::FEWEST_MINUTES || $of > self::MOST_MINUTES)) {
                throw InvalidWeek::minutes($of);
            }
        }
        $this->windows = $windows;
    }

    public static function off(): self
    {
        return new self([]);
    }

    public function isOff(): bool
    {
        return [] === $this->windows;
    }
}
