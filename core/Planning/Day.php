<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Activity;
use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Place;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Child\Child;

/** The rules of time and hands while a day is being filled: who can sit when, and where the parent is. */
final readonly class Day
{
    /** Starts are tried every so many minutes. */
    public const SLOT = 5;

    /** Breaks between two sittings of one child, on a usual day and on a short one. */
    public const BREAK = 10;
    public const SHORT_BREAK = 5;
    public const SHORT_DAY = 25;

    /** The longest a little one plays on their own beside the parent, in minutes running. */
    public const BESIDE = 15;

    /**
     * @param list<Child> $children
     * @param list<Span>  $windows
     * @param list<Block> $blocks   when the parent has less to give
     */
    public function __construct(private LocalDate $date, private array $children, private array $windows, private array $blocks = [])
    {
    }

    public static function of(DayRequest $request): self
    {
        $children = array_map(static fn (Learner $learner): Child => $learner->child, $request->learners);

        return new self($request->date, $children, $request->windows, $request->blocks);
    }

    /**
     * The same day seen through other windows.
     *
     * @param list<Span> $windows
     */
    public function within(array $windows): self
    {
        return new self($this->date, $this->children, $windows, $this->blocks);
    }

    /** Minutes between two sittings of one child: fewer on a day that is short anyway. */
    public static function breakFor(Child $child, LocalDate $on): int
    {
        return $child->minutesOn($on) < self::SHORT_DAY ? self::SHORT_BREAK : self::BREAK;
    }

    /**
     * The earliest time at which these children can sit together, or null when the day has no room for it.
     *
     * @param list<SetUp>            $setUps   already in the day
     * @param non-empty-list<Child>  $children
     */
    public function earliest(array $setUps, array $children, int $minutes, Part $part, Place $place, Activity $activity): ?Span
    {
        foreach ($this->windows as $window) {
            foreach ($this->starts($setUps, $window) as $start) {
                $span = $start + $minutes > $window->end ? null : Span::lasting($start, $minutes);
                if (null !== $span && $this->allows($setUps, $children, $span, $part, $place, $activity)) {
                    return $span;
                }
            }
        }

        return null;
    }

    /**
     * Every so many minutes; on a short day also as soon as something ends, so that there is a turn for everyone.
     *
     * @param list<SetUp> $setUps
     *
     * @return list<int>
     */
    private function starts(array $setUps, Span $window): array
    {
        $starts = [];
        for ($start = $window->start; $start < $window->end; $start += self::SLOT) {
            $starts[] = $start;
        }
        if (array_sum(array_map(static fn (Span $one): int => $one->minutes(), $this->windows)) < self::SHORT_DAY) {
            foreach ($setUps as $setUp) {
                if ($window->holds($setUp->span)) {
                    $starts[] = $setUp->span->end;
                }
            }
            sort($starts);
        }

        return $starts;
    }

    /** Whether a span lies in one of the windows. */
    public function holds(Span $span): bool
    {
        return [] !== array_filter($this->windows, static fn (Span $window): bool => $window->holds($span));
    }

    /**
     * @param list<SetUp>           $setUps
     * @param non-empty-list<Child> $children
     */
    public function allows(array $setUps, array $children, Span $span, Part $part, Place $place, Activity $activity): bool
    {
        foreach ($children as $child) {
            if (!$child->isAwakeDuring($span) || !$this->hasRestedBy($setUps, $child, $span, $activity)) {
                return false;
            }
        }
        foreach ($this->blocks as $block) {
            if (!$block->allows($activity, $part, $span)) {
                return false;
            }
        }
        foreach ($setUps as $other) {
            if (!$other->span->overlaps($span)) {
                continue;
            }
            $sameRoom = $other->place === $place || Place::Anywhere === $place || Place::Anywhere === $other->place;
            if (!$sameRoom && Part::Alone !== $part && Part::Alone !== $other->part) {
                return false;
            }
            foreach ($part->busy($span) as $mine) {
                foreach ($other->part->busy($other->span) as $theirs) {
                    if ($mine->overlaps($theirs)) {
                        return false;
                    }
                }
            }
        }

        return $this->keepsLittleOnesCompany($setUps, $children, $span);
    }

    /**
     * What everyone does in the used part of each window.
     *
     * @param list<SetUp> $setUps
     *
     * @return array<string, list<Stretch>>
     */
    public function threads(array $setUps): array
    {
        $threads = [];
        foreach ($this->children as $child) {
            $threads[$child->id] = [];
            foreach ($this->usedWindows($setUps) as $used) {
                array_push($threads[$child->id], ...$this->thread($child, $used, $setUps));
            }
        }

        return $threads;
    }

    /**
     * From the start of each window to the end of the last set-up in it.
     *
     * @param list<SetUp> $setUps
     *
     * @return list<Span>
     */
    private function usedWindows(array $setUps): array
    {
        $used = [];
        foreach ($this->windows as $window) {
            $end = $window->start;
            foreach ($setUps as $setUp) {
                $end = $window->holds($setUp->span) ? max($end, $setUp->span->end) : $end;
            }
            if ($end > $window->start) {
                $used[] = new Span($window->start, $end);
            }
        }

        return $used;
    }

    /**
     * @param list<SetUp> $setUps
     *
     * @return list<Stretch>
     */
    private function thread(Child $child, Span $used, array $setUps): array
    {
        $stretches = [];
        $from = $used->start;
        for ($minute = $used->start; $minute < $used->end; ++$minute) {
            $now = $this->at($child, $minute, $setUps);
            $next = $minute + 1 < $used->end ? $this->at($child, $minute + 1, $setUps) : null;
            if ($now !== $next) {
                $stretches[] = new Stretch($now[0], new Span($from, $minute + 1), $now[1]);
                $from = $minute + 1;
            }
        }

        return $stretches;
    }

    /**
     * @param list<SetUp> $setUps
     *
     * @return array{ChildState, string|null}
     */
    private function at(Child $child, int $minute, array $setUps): array
    {
        $now = new Span($minute, $minute + 1);
        $beside = $lap = null;
        foreach ($setUps as $setUp) {
            if ($setUp->span->overlaps($now)) {
                if (null !== $setUp->sittingOf($child->id)) {
                    return [ChildState::Sit, $setUp->key];
                }
                $beside = Part::With === $setUp->part ? $setUp->key : $beside;
                $lap = Part::With === $setUp->part && Place::HighTable !== $setUp->place ? $setUp->key : $lap;
            }
        }

        return match (true) {
            $child->isAsleepDuring($now) => [ChildState::Asleep, null],
            $child->mayBeAloneOn($this->date) => [ChildState::Free, null],
            null !== $lap && !$child->isPlannedOn($this->date) => [ChildState::Lap, $lap],
            default => [ChildState::Beside, $beside],
        };
    }

    /** @param list<SetUp> $setUps */
    private function hasRestedBy(array $setUps, Child $child, Span $span, Activity $activity): bool
    {
        foreach ($setUps as $setUp) {
            if (null === $setUp->sittingOf($child->id)) {
                continue;
            }
            $isAfterOpener = $setUp->span->start < $span->start
                ? $this->isOpener($setUp->activity, $setUp->span)
                : $this->isOpener($activity, $span);
            $break = $isAfterOpener ? 0 : self::breakFor($child, $this->date);
            if ($setUp->span->overlaps($span) || $setUp->span->gapTo($span) < $break) {
                return false;
            }
        }

        return true;
    }

    /** Whether it opens a time at the table with empty hands: what follows needs no break. */
    public function isOpener(Activity $activity, Span $span): bool
    {
        return $activity->needsNothing() && [] !== array_filter($this->windows, static fn (Span $window): bool => $window->start === $span->start);
    }

    /**
     * Whether no child who has sittings and may not be alone would, by the new span, play beside the parent for too long at a stretch. What lies in the
     * day already counts only as far as the new span makes it longer.
     *
     * @param list<SetUp> $setUps
     * @param list<Child> $children who sit in the new span
     */
    private function keepsLittleOnesCompany(array $setUps, array $children, Span $span): bool
    {
        $before = array_map(static fn (SetUp $setUp): Span => $setUp->span, $setUps);
        foreach ($this->children as $child) {
            if ($child->mayBeAloneOn($this->date) || !$child->isPlannedOn($this->date)) {
                continue;
            }
            $busy = [...$child->rests, ...array_map(
                static fn (SetUp $setUp): Span => $setUp->span,
                array_values(array_filter($setUps, static fn (SetUp $setUp): bool => null !== $setUp->sittingOf($child->id))),
            )];
            $sits = [] !== array_filter($children, static fn (Child $sitting): bool => $sitting->id === $child->id);
            foreach ($this->windows as $window) {
                $with = self::longestBeside($sits ? [...$busy, $span] : $busy, $window, [...$before, $span]);
                if ($with > self::BESIDE && $with > self::longestBeside($busy, $window, $before)) {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * The longest stretch, in minutes, in which a child plays beside the parent in the used part of a window.
     *
     * @param list<Span> $busy when the child sits or sleeps
     * @param list<Span> $used by any set-up
     */
    private static function longestBeside(array $busy, Span $window, array $used): int
    {
        usort($busy, static fn (Span $a, Span $b): int => $a->start <=> $b->start);
        $from = $window->start;
        $to = max([$window->start, ...array_map(static fn (Span $span): int => $window->holds($span) ? $span->end : 0, $used)]);
        $longest = 0;
        foreach ($busy as $span) {
            $longest = max($longest, min($span->start, $to) - $from);
            $from = max($from, $span->end);
        }

        return max($longest, $to - $from);
    }
}
