<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Advice\RankedStep;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\Mark;

/**
 * Where a day stands in its week, and what that week brought so far: what a day by itself does not see. By it a brand new step comes early, a step that
 * was begun is met on a second day, and days that want much of the parent alternate.
 */
final readonly class InWeek
{
    /** A brand new step is worth so many times as much while more of the week is ahead than over, and once more is over: it would begin and be left. */
    public const NEW_EARLY = 1.3;
    public const NEW_LATE = 0.8;

    /** A step met on one day of the week is worth so many times as much on another: the can-do rule asks for two days. */
    public const SECOND_DAY = 1.15;

    /** What is planned for a day before and still ahead is worth so many times as much on this one: by then it was met. */
    public const AWAITED = 0.4;

    /** So many minutes with the children throughout make a heavy day; on the one after it each such minute weighs so many times as much. */
    public const HEAVY = 25;
    public const AFTER_HEAVY = 3.0;

    /** What lies further back than so many days wears nobody out any more. */
    private const LATELY = 3;

    /** Of fewer days than these none is early or late. */
    private const DAYS = 3;

    /**
     * @param int                               $before     days of the week that could be used before this one, at least 0
     * @param int                               $ahead      and after it
     * @param array<string, array<string, int>> $met        child id => step id => days of the week on which it was met, 1 or more
     * @param int                               $withLately minutes of the last day used in which the parent was with the children throughout
     * @param array<string, list<string>>       $awaited    child id => steps planned for days between now and then
     */
    public function __construct(
        private int $before = 0,
        private int $ahead = 0,
        private array $met = [],
        private int $withLately = 0,
        private array $awaited = [],
    ) {
    }

    /**
     * The same place in the week, after these days; then nothing is awaited of them any more.
     *
     * @param list<LivedDay> $lived in order
     */
    public function after(array $lived, LocalDate $on): self
    {
        $met = [];
        $with = 0;
        foreach ($lived as $day) {
            if (!$on->isAfter($day->date)) {
                continue;
            }
            $with = $day->date->daysUntil($on) <= self::LATELY ? $day->withMinutes : 0;
            foreach ($day->date->monday()->dayNumber === $on->monday()->dayNumber ? $day->met : [] as $childId => $steps) {
                foreach ($steps as $stepId) {
                    $met[$childId][$stepId] = ($met[$childId][$stepId] ?? 0) + 1;
                }
            }
        }

        return new self($this->before, $this->ahead, $met, $with);
    }

    /**
     * The same, while these are still ahead.
     *
     * @param array<string, list<string>> $steps child id => steps
     */
    public function awaiting(array $steps): self
    {
        return new self($this->before, $this->ahead, $this->met, $this->withLately, $steps);
    }

    /** Whether days between now and then are still ahead. */
    public function isAwaiting(): bool
    {
        return [] !== $this->awaited;
    }

    /** How many times as much a step is worth to a child that day as by itself. */
    public function worth(string $childId, RankedStep $step, Mark $mark): float
    {
        $days = $this->met[$childId][$step->step->id] ?? 0;

        return match (true) {
            \in_array($step->step->id, $this->awaited[$childId] ?? [], true) => self::AWAITED,
            $step->brandNew => match (true) {
                $this->isShort(), $this->before === $this->ahead => 1.0,
                default => $this->before > $this->ahead ? self::NEW_LATE : self::NEW_EARLY,
            },
            1 === $days && Mark::CanDo !== $mark && !$step->reason->isLook() => self::SECOND_DAY,
            default => 1.0,
        };
    }

    /** How many times as much a minute with the parent there throughout weighs that day. */
    public function withWeight(): float
    {
        return $this->withLately >= self::HEAVY ? self::AFTER_HEAVY : 1.0;
    }

    private function isShort(): bool
    {
        return $this->before + 1 + $this->ahead < self::DAYS;
    }
}
