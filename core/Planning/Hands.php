<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Activity;
use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Place;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Child\Child;

/**
 * The rules of time and hands, in whole minutes and bits: filling a day asks them some thousands of times. One child sits at one thing at a time, awake,
 * with breaks; the parent has two hands and is in one place; a little one is not left to play beside for long.
 */
final class Hands
{
    /** The longest a little one plays on their own beside the parent, in minutes running. */
    public const BESIDE = 15;

    /** @var array<string, int> child id => bit */
    public readonly array $bits;

    /** @var array<int, array<int, int>> bit => asleep or away: to when, by from when */
    private readonly array $rests;

    /** @var array<int, int> bit => minutes between two sittings */
    private readonly array $breaks;

    /** @var array<int, int> bits => the longest break that any of these children needs */
    private array $longest = [];

    /** @var list<int> bits of the children who may not be alone and for whom there are sittings */
    public readonly array $little;

    /** @var list<int> when the times at the table begin */
    public readonly array $begins;

    /** @var list<array{int, int}> when they begin and end */
    private readonly array $times;

    /**
     * @param list<Child> $children
     * @param list<Span>  $windows
     * @param list<Block> $blocks
     */
    public function __construct(LocalDate $date, array $children, array $windows, private readonly array $blocks)
    {
        $bits = $rests = $breaks = $little = [];
        foreach ($children as $i => $child) {
            $bits[$child->id] = $bit = 1 << $i;
            $rests[$bit] = [];
            foreach ($child->rests as $rest) {
                $rests[$bit][$rest->start] = max($rest->end, $rests[$bit][$rest->start] ?? 0);
            }
            $breaks[$bit] = Day::breakFor($child, $date);
            if (!$child->mayBeAloneOn($date) && $child->isPlannedOn($date)) {
                $little[] = $bit;
            }
        }
        [$this->bits, $this->rests, $this->breaks, $this->little] = [$bits, $rests, $breaks, $little];
        $this->begins = array_map(static fn (Span $window): int => $window->start, $windows);
        $this->times = array_map(static fn (Span $window): array => [$window->start, $window->end], $windows);
    }

    public function stint(int $start, int $minutes, Place $place, Part $part, int $who, Activity $activity): Stint
    {
        return new Stint($start, $start + $minutes, $place, $part, $who, $activity, $this->begins);
    }

    public function of(SetUp $setUp): Stint
    {
        return $this->stint($setUp->span->start, $setUp->span->minutes(), $setUp->place, $setUp->part, $this->who($setUp->childIds()), $setUp->activity);
    }

    /** @param list<string> $childIds */
    public function who(array $childIds): int
    {
        return array_sum(array_map(fn (string $childId): int => $this->bits[$childId] ?? 0, $childIds));
    }

    /**
     * Whether one more can be there beside these, the company of little ones left aside.
     *
     * @param list<Stint> $others
     */
    public function allow(array $others, Stint $one): bool
    {
        return $this->allowByItself($one) && $this->allowBeside($others, $one);
    }

    /** Whether it can be there with nothing beside it: its children are there and awake, and the parent has hands for it. */
    public function allowByItself(Stint $one): bool
    {
        foreach ($this->rests as $bit => $rests) {
            foreach ($one->who & $bit ? $rests : [] as $from => $to) {
                if ($one->start < $to && $from < $one->end) {
                    return false;
                }
            }
        }
        foreach ($this->blocks as $block) {
            if (!$block->allows($one->activity, $one->part, new Span($one->start, $one->end))) {
                return false;
            }
        }

        return true;
    }

    /**
     * Whether what can be there by itself can be there beside these.
     *
     * @param list<Stint> $others
     */
    public function allowBeside(array $others, Stint $one): bool
    {
        [$start, $end, $who] = [$one->start, $one->end, $one->who];
        foreach ($others as $other) {
            if (0 !== ($who & $other->who)) {
                $least = ($other->start < $start ? $other : $one)->opens ? 0 : $this->break($who & $other->who);
                if (max($other->start - $end, $start - $other->end) < $least) {
                    return false;
                }
            }
            if ($start >= $other->end || $other->start >= $end) {
                continue;
            }
            if (
                $other->place !== $one->place && Place::Anywhere !== $one->place && Place::Anywhere !== $other->place
                && Part::Alone !== $one->part && Part::Alone !== $other->part
            ) {
                return false;
            }
            foreach ($one->busy as [$from, $to]) {
                foreach ($other->busy as [$since, $until]) {
                    if ($from < $until && $since < $to) {
                        return false;
                    }
                }
            }
        }

        return true;
    }

    /**
     * For each time at the table and each little one the longest stretch, in minutes, beside the parent until the last set-up in it.
     *
     * @param list<Stint> $stints
     *
     * @return list<int>
     */
    public function beside(array $stints): array
    {
        $ends = $this->begins;
        foreach ($this->times as $i => [$begin, $end]) {
            foreach ($stints as $stint) {
                if ($stint->end > $ends[$i] && $stint->start >= $begin && $stint->end <= $end) {
                    $ends[$i] = $stint->end;
                }
            }
        }
        $longest = [];
        foreach ($this->little as $bit) {
            $busy = $this->rests[$bit];
            foreach ($stints as $stint) {
                if (0 !== ($stint->who & $bit) && $stint->end > ($busy[$stint->start] ?? 0)) {
                    $busy[$stint->start] = $stint->end;
                }
            }
            ksort($busy);
            foreach ($this->begins as $i => $from) {
                $end = $ends[$i];
                $most = 0;
                foreach ($busy as $since => $until) {
                    if ($since >= $end) {
                        break;
                    }
                    $most = $since - $from > $most ? $since - $from : $most;
                    $from = $until > $from ? $until : $from;
                }
                $longest[] = $end - $from > $most ? $end - $from : $most;
            }
        }

        return $longest;
    }

    /**
     * Bits of the little ones who are beside for longer than they may be.
     *
     * @param list<Stint> $stints
     * @param list<int>   $most   minutes, as beside() lists them
     */
    public function lonely(array $stints, array $most): int
    {
        $lonely = 0;
        foreach ($this->beside($stints) as $i => $minutes) {
            $lonely |= $minutes > $most[$i] ? $this->little[intdiv($i, \count($this->times))] : 0;
        }

        return $lonely;
    }

    /** The longest break that any of these children needs. */
    private function break(int $who): int
    {
        if (!isset($this->longest[$who])) {
            $this->longest[$who] = max(0, ...array_filter($this->breaks, static fn (int $bit): bool => 0 !== ($who & $bit), \ARRAY_FILTER_USE_KEY));
        }

        return $this->longest[$who];
    }
}
