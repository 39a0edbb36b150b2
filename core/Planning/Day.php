<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Activity;
use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Place;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Child\Child;

/** A day as its set-ups fill it: when something fits in beside them, and what everyone does meanwhile. The rules stand in Hands. */
final readonly class Day
{
    /** Starts are tried every so many minutes. */
    public const SLOT = 5;

    /** Breaks between two sittings of one child, on a usual day and on a short one. */
    public const BREAK = 10;
    public const SHORT_BREAK = 5;
    public const SHORT_DAY = 25;

    public Hands $hands;

    /**
     * @param list<Child> $children
     * @param list<Span>  $windows
     * @param list<Block> $blocks   when the parent has less to give
     */
    public function __construct(private LocalDate $date, private array $children, private array $windows, private array $blocks = [])
    {
        $this->hands = new Hands($date, $children, $windows, $blocks);
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
     * @param list<SetUp>           $soon     what will be there besides: it is company already
     */
    public function allows(array $setUps, array $children, Span $span, Part $part, Place $place, Activity $activity, array $soon = []): bool
    {
        $stints = array_map($this->hands->of(...), $setUps);
        $who = $this->hands->who(array_map(static fn (Child $child): string => $child->id, $children));
        $one = $this->hands->stint($span->start, $span->minutes(), $place, $part, $who, $activity);

        return $this->hands->allow($stints, $one) && $this->keepsLittleOnesCompany([...$stints, ...array_map($this->hands->of(...), $soon)], $one);
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

    /** Whether it opens a time at the table with empty hands: what follows needs no break. */
    public function isOpener(Activity $activity, Span $span): bool
    {
        return $activity->needsNothing() && [] !== array_filter($this->windows, static fn (Span $window): bool => $window->start === $span->start);
    }

    /**
     * Whether no little one is beside the parent for longer than may be, or than what is kept brings with it.
     *
     * @param list<SetUp> $kept
     * @param list<SetUp> $all  these among them
     */
    public function keepsCompany(array $kept, array $all): bool
    {
        $before = $this->hands->beside(array_map($this->hands->of(...), $kept));
        foreach ($this->hands->beside(array_map($this->hands->of(...), $all)) as $i => $minutes) {
            if ($minutes > max(Hands::BESIDE, $before[$i])) {
                return false;
            }
        }

        return true;
    }

    /**
     * Whether no child who has sittings and may not be alone would, by the new one, play beside the parent for too long at a stretch. What lies in the
     * day already counts only as far as the new one makes it longer.
     *
     * @param list<Stint> $stints
     */
    private function keepsLittleOnesCompany(array $stints, Stint $one): bool
    {
        $before = $this->hands->beside($stints);
        foreach ($this->hands->beside([...$stints, $one]) as $i => $with) {
            if ($with > Hands::BESIDE && $with > $before[$i]) {
                return false;
            }
        }

        return true;
    }
}
