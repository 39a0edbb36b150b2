<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Activity;
use Pindle\Core\Calendar\LocalDate;

/**
 * The games a house knows. A parent cannot learn a new one every sitting, and children love those they know; what changes from day to day is the
 * step, the numbers and the things.
 */
final readonly class Repertoire
{
    /** An activity is known after so many uses, or when the parent says so. */
    public const KNOWN_FROM = 2;

    /** While fewer than so many were used, so many new ones a day may come, and as many a week as it takes. */
    public const FEW = 6;
    public const NEW_A_DAY_OF_FEW = 2;

    /** After that at most one a day, and so many a week; a parent may say from none to five. */
    public const NEW_A_DAY = 1;
    public const NEW_A_WEEK = 2;
    public const MOST_A_WEEK = 5;

    private const WEEK = 7;

    /** About so many carry a house. */
    public const ENOUGH = 12;

    /**
     * @param array<string, int> $uses    activity id => how often it was used on days before
     * @param int                $newWeek activities used for the first time in the six days before
     * @param list<string>       $told    ids of activities of which the parent says that they know them
     * @param int                $aWeek   new ones a week the parent wants at most, 0 to 5
     *
     * @throws InvalidRepertoire
     */
    public function __construct(public array $uses = [], public int $newWeek = 0, public array $told = [], public int $aWeek = self::NEW_A_WEEK)
    {
        if ($aWeek < 0 || $aWeek > self::MOST_A_WEEK) {
            throw InvalidRepertoire::aWeek($aWeek);
        }
    }

    /**
     * What the house knows on a day by what was laid out before it. Moments of daily life are not counted: there is nothing to learn of them.
     *
     * @param list<array{Activity, int, LocalDate}> $used of each activity: how often on days before, and the first of them
     * @param list<string>                          $told ids of activities of which the parent says that they know them
     *
     * @throws InvalidRepertoire
     */
    public static function on(LocalDate $on, array $used, array $told = [], int $aWeek = self::NEW_A_WEEK): self
    {
        $uses = [];
        $newWeek = 0;
        foreach ($used as [$activity, $times, $first]) {
            if (!$activity->isMoment()) {
                $uses[$activity->id] = $times;
                $newWeek += $first->daysUntil($on) < self::WEEK ? 1 : 0;
            }
        }

        return new self($uses, $newWeek, $told, $aWeek);
    }

    /** Whether nobody in the house has used it yet, and there is something to learn of it. */
    public function isNew(Activity $activity): bool
    {
        return !$activity->isMoment() && 0 === ($this->uses[$activity->id] ?? 0) && !\in_array($activity->id, $this->told, true);
    }

    public function isKnown(Activity $activity): bool
    {
        return ($this->uses[$activity->id] ?? 0) >= self::KNOWN_FROM || \in_array($activity->id, $this->told, true);
    }

    /** How many new ones today may bring. */
    public function newToday(): int
    {
        return $this->isSmall() ? min(self::NEW_A_DAY_OF_FEW, self::FEW - $this->used()) : max(0, min(self::NEW_A_DAY, $this->aWeek - $this->newWeek));
    }

    /** Whether the house has only begun: then new ones come as they are wanted. */
    public function isSmall(): bool
    {
        return $this->used() < self::FEW;
    }

    private function used(): int
    {
        return \count(array_unique([...array_keys(array_filter($this->uses)), ...$this->told]));
    }
}
