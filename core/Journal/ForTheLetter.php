<?php

declare(strict_types=1);

namespace Pindle\Core\Journal;

use Pindle\Core\Calendar\DayRange;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Skill\Step;

/** What a letter about a stretch of time can tell of one child: no numbers of tries, no flags. */
final readonly class ForTheLetter
{
    /** So many steps are named as new, and as under way, at most: a letter is no list. */
    public const MOST_NEW = 5;
    public const MOST_ON = 3;

    /** A month is young for so many days: the letter that is due then is about the one before. */
    public const YOUNG_DAYS = 10;

    /** The way of working before is looked for so many weeks back. */
    public const WEEKS_BEFORE = 12;

    /**
     * @param list<Step> $can      became Can do in this time and are so still, those most children learn last first
     * @param Way|null   $wayThen  how sums were worked before, where the way now is further along
     * @param Way|null   $wayNow   how they are worked in this time
     * @param list<Step> $on       met in this time and not there yet, one a strand
     */
    private function __construct(public array $can, public ?Way $wayThen, public ?Way $wayNow, public array $on)
    {
    }

    public static function of(ChildRecord $record, WaysOfWorking $ways, DayRange $time): self
    {
        $can = $on = [];
        foreach ($record->map->steps as $id => $step) {
            $state = $record->state($id);
            $since = $state->standing->canDoSince;
            if (Mark::CanDo === $state->mark() && null !== $since && $time->has($since) && self::isNews($record, $id, $since)) {
                $can[] = $step;
            } elseif (self::isUnderWay($record, $id) && null !== $state->touched && $time->has($state->touched)) {
                $on[] = $step;
            }
        }
        $isFurther = static fn (Step $a, Step $b): int => $b->reach->months <=> $a->reach->months ?: $a->id <=> $b->id;
        usort($can, $isFurther);
        usort($on, $isFurther);
        $before = $ways->usual($time->from->plusDays(-7 * self::WEEKS_BEFORE), $time->from->monday()->plusDays(-1));
        $now = $ways->usual($time->from, $time->to);
        $isOn = null !== $before && null !== $now && $now->place() > $before->place();

        return new self(
            \array_slice(self::oneOf($can, static fn (Step $step): string => $step->skill->id), 0, self::MOST_NEW),
            $isOn ? $before : null,
            $isOn ? $now : null,
            \array_slice(self::oneOf($on, static fn (Step $step): string => $step->skill->strand->value), 0, self::MOST_ON),
        );
    }

    /** Nobody is told of a reach when a harder one of the same could be done before. */
    private static function isNews(ChildRecord $record, string $stepId, LocalDate $since): bool
    {
        foreach ($record->map->higherReaches($stepId) as $harder) {
            $before = $record->state($harder)->standing->canDoSince;
            if (Mark::CanDo === $record->mark($harder) && null !== $before && $since->isAfter($before)) {
                return false;
            }
        }

        return true;
    }

    /** Begun or nearly there; not where a harder reach of it can be done. */
    private static function isUnderWay(ChildRecord $record, string $stepId): bool
    {
        $harder = array_filter($record->map->higherReaches($stepId), static fn (string $id): bool => Mark::CanDo === $record->mark($id));

        return [] === $harder && \in_array($record->mark($stepId), [Mark::Begun, Mark::Nearly], true);
    }

    /** Whether the letter that is due on a day is about the month before. */
    public static function isAboutLastMonth(LocalDate $on): bool
    {
        return (int) substr($on->toString(), 8) <= self::YOUNG_DAYS;
    }

    public function isEmpty(): bool
    {
        return [] === $this->can && [] === $this->on;
    }

    /**
     * @param list<Step>             $steps
     * @param callable(Step): string $what
     *
     * @return list<Step> the first of each
     */
    private static function oneOf(array $steps, callable $what): array
    {
        $first = [];
        foreach ($steps as $step) {
            $first[$what($step)] ??= $step;
        }

        return array_values($first);
    }
}
