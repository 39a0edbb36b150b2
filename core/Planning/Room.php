<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Calendar\Span;

/** Where there is room in a day that is being filled: how long an option can be, and when. */
final class Room
{
    /** @var list<int> how long each little one may be beside the parent in each time at the table, as Hands lists them */
    private readonly array $company;

    private readonly bool $isShort;

    /** @var array<int, true> minutes at which what takes no things may begin: when a time begins */
    private readonly array $begins;

    /** @var array<int, array<int, array<int, Stint|false>>> by option, minutes and start: an option with nothing beside it; false where it cannot be */
    private array $byThemselves = [];

    /** @var array<int, list<int>> by minutes: starts on an empty day */
    private array $starts = [];

    /**
     * @param list<Stint>     $stints of what stays
     * @param int             $kept   so many of them, the first ones, are begun or done
     * @param array<int, int> $left   bit of a child => minutes left for today beside them
     */
    public function __construct(
        private readonly DayRequest $request,
        private readonly Hands $hands,
        private readonly SetOuts $setOuts,
        private readonly Length $length,
        private readonly array $stints,
        int $kept,
        private readonly array $left,
    ) {
        $this->company = array_map(
            static fn (int $beside): int => max(Hands::BESIDE, $beside),
            $hands->beside(\array_slice($stints, 0, $kept)),
        );
        $this->isShort = array_sum(array_map(static fn (Span $window): int => $window->minutes(), $request->windows)) < Day::SHORT_DAY;
        $this->begins = array_fill_keys($hands->begins, true);
    }

    /**
     * Minutes that little ones are too long without company, of all of them together. In a plan there are none.
     *
     * @param list<Placed> $placed
     */
    public function excess(array $placed): int
    {
        return [] === $this->company ? 0 : $this->excessOf($this->with($placed));
    }

    /**
     * Ids of the little ones who are too long without company.
     *
     * @param list<Placed> $placed
     *
     * @return list<string>
     */
    public function lonely(array $placed): array
    {
        $lonely = $this->hands->lonely($this->with($placed), $this->company);

        return array_keys(array_filter($this->hands->bits, static fn (int $bit): bool => 0 !== ($lonely & $bit)));
    }

    /**
     * New times for all of a day, each as soon as there is room after the one before, so that no little one is too long without company: found by trying
     * one order after the other, as far as it goes.
     *
     * @param list<Placed> $placed
     * @param int          $tries  set-ups put somewhere, all in all
     *
     * @return list<array{Placed, int}>|null each and its start, in order; null where none was found
     */
    public function arranged(array $placed, int $tries): ?array
    {
        return $this->arrangedAfter($this->stints, $placed, 0, $tries);
    }

    /**
     * @param list<Stint>        $stints
     * @param array<int, Placed> $left
     *
     * @return list<array{Placed, int}>|null
     */
    private function arrangedAfter(array $stints, array $left, int $from, int &$tries): ?array
    {
        $next = [];
        foreach ($left as $i => $one) {
            $stint = $this->soonest($stints, $one, $from);
            if (null === $stint) {
                // Later there is no more room than now.
                return null;
            }
            $next[$i] = $stint;
        }
        foreach ($next as $i => $stint) {
            if (--$tries < 0) {
                return null;
            }
            $with = [...$stints, $stint];
            if ($this->excessOf($with) > 0) {
                continue;
            }
            $after = 1 === \count($left) ? [] : $this->arrangedAfter($with, array_diff_key($left, [$i => true]), $stint->start, $tries);
            if (null !== $after) {
                return [[$left[$i], $stint->start], ...$after];
            }
        }

        return null;
    }

    /** @param list<Stint> $stints */
    private function soonest(array $stints, Placed $one, int $from): ?Stint
    {
        $option = $one->option ?? throw new \LogicException('What stays is never changed.');
        $minutes = $this->setOuts->minutes($option, $one->length);
        foreach ($this->starts($stints, $minutes) as $start) {
            $stint = $start < $from ? null : $this->stintIfFree($stints, $option, $start, $minutes);
            if (null !== $stint) {
                return $stint;
            }
        }

        return null;
    }

    /**
     * Minutes that each of these children has left today beside these.
     *
     * @param list<Placed> $others
     */
    public function left(array $others, int $who): int
    {
        $least = \PHP_INT_MAX;
        foreach ($this->left as $bit => $left) {
            if ($who & $bit) {
                foreach ($others as $other) {
                    $left -= $other->stint->who & $bit ? $other->stint->end - $other->stint->start : 0;
                }
                $least = min($least, $left);
            }
        }

        return $least;
    }

    /** The longest of the lengths of an option for which its children have minutes left; null when there is none. */
    public function length(Option $option, int $left): ?int
    {
        for ($length = \count($option->lengths) - 1; $length >= 0; --$length) {
            if ($this->setOuts->minutes($option, $length) <= $left) {
                return $length;
            }
        }

        return null;
    }

    /**
     * A time at which an option fits in beside these; null when there is none.
     *
     * @param list<Placed> $others
     * @param int          $length  of the option
     * @param int|null     $from    the first minute to be tried, those before it last; null for the first of the day
     * @param bool         $company whether it is the one at which little ones are least without company, instead of the first
     */
    public function start(array $others, Option $option, int $length, ?int $from = null, bool $company = false): ?int
    {
        $minutes = $this->setOuts->minutes($option, $length);
        if (!$this->hasTime($others, $option, $minutes)) {
            return null;
        }
        $stints = $this->with($others);
        $best = null;
        $least = \PHP_INT_MAX;
        foreach ($this->startsFrom($from, $stints, $minutes) as $start) {
            $stint = $this->stintIfFree($stints, $option, $start, $minutes);
            if (null === $stint) {
                continue;
            }
            if (!$company || [] === $this->company) {
                return $start;
            }
            $excess = $this->excessOf([...$stints, $stint]);
            if ($excess < $least) {
                [$best, $least] = [$start, $excess];
            }
            if (0 === $excess) {
                break;
            }
        }

        return $best;
    }

    /**
     * The longest of the lengths up to one for which there is a time, and that time; null for it where there is none.
     *
     * @param list<Placed> $rest
     *
     * @return array{int, int|null}
     */
    public function fitted(array $rest, Option $option, int $length, ?int $from, bool $company): array
    {
        $start = $this->start($rest, $option, $length, $from, $company);
        // Where the shortest finds no time, no other does.
        $shortest = null === $start && $length > 0 ? $this->start($rest, $option, 0, $from, $company) : null;
        for ($fits = $length - 1; null === $start && null !== $shortest && $fits > 0; --$fits) {
            $start = $this->start($rest, $option, $fits, $from, $company);
            $length = null === $start ? $length : $fits;
        }

        return null === $start && null !== $shortest ? [0, $shortest] : [$length, $start];
    }

    /**
     * All the times at which an option fits in beside these.
     *
     * @param list<Placed> $others
     *
     * @return list<int>
     */
    public function times(array $others, Option $option, int $length): array
    {
        $minutes = $this->setOuts->minutes($option, $length);
        $stints = $this->with($others);

        return array_values(array_filter(
            $this->hasTime($others, $option, $minutes) ? $this->starts($stints, $minutes) : [],
            fn (int $start): bool => null !== $this->stintIfFree($stints, $option, $start, $minutes),
        ));
    }

    /**
     * @param list<Stint> $stints
     *
     * @return list<int> the starts from a minute on, and then those before it
     */
    private function startsFrom(?int $from, array $stints, int $minutes): array
    {
        $starts = $this->starts($stints, $minutes);
        $first = 0;
        while (null !== $from && isset($starts[$first]) && $starts[$first] < $from) {
            ++$first;
        }

        return 0 === $first ? $starts : [...\array_slice($starts, $first), ...\array_slice($starts, 0, $first)];
    }

    /**
     * Starts that are tried: every few minutes; on a short day also as soon as something ends, so that there is a turn for everyone.
     *
     * @param list<Stint> $stints
     *
     * @return list<int>
     */
    public function starts(array $stints, int $minutes): array
    {
        if (!$this->isShort || [] === $stints) {
            return $this->starts[$minutes] ??= $this->startsBeside([], $minutes);
        }

        return $this->startsBeside($stints, $minutes);
    }

    /**
     * @param list<Stint> $stints
     *
     * @return list<int>
     */
    private function startsBeside(array $stints, int $minutes): array
    {
        $starts = [];
        foreach ($this->request->windows as $window) {
            $own = [];
            for ($start = $window->start; $start + $minutes <= $window->end; $start += Day::SLOT) {
                $own[] = $start;
            }
            foreach ($this->isShort ? $stints : [] as $stint) {
                if ($stint->start >= $window->start && $stint->end + $minutes <= $window->end) {
                    $own[] = $stint->end;
                }
            }
            if ($this->isShort) {
                sort($own);
            }
            array_push($starts, ...$own);
        }

        return $starts;
    }

    /**
     * Whether an option that takes as long as this fits in beside these.
     *
     * @param list<Placed> $others
     */
    public function isFree(array $others, Option $option, Stint $stint): bool
    {
        $minutes = $stint->end - $stint->start;
        $span = new Span($stint->start, $stint->end);
        $within = array_filter($this->request->windows, static fn (Span $window): bool => $window->holds($span));

        return [] !== $within && $this->hasTime($others, $option, $minutes)
            && null !== $this->stintIfFree($this->with($others), $option, $stint->start, $minutes);
    }

    /**
     * @param list<Placed> $placed
     *
     * @return list<Stint> of all there would be
     */
    private function with(array $placed): array
    {
        $stints = $this->stints;
        foreach ($placed as $one) {
            $stints[] = $one->stint;
        }

        return $stints;
    }

    /** @param list<Stint> $stints */
    private function excessOf(array $stints): int
    {
        $excess = 0;
        foreach ($this->hands->beside($stints) as $i => $minutes) {
            $excess += max(0, $minutes - $this->company[$i]);
        }

        return $excess;
    }

    /**
     * Whether each child has so many minutes left today.
     *
     * @param list<Placed> $others
     */
    private function hasTime(array $others, Option $option, int $minutes): bool
    {
        if ($minutes > $this->left($others, $option->who)) {
            return false;
        }
        foreach ($option->candidates as $candidate) {
            if ($minutes > $this->length->longest($candidate->learner->child)) {
                return false;
            }
        }

        return true;
    }

    /** @param list<Stint> $stints */
    private function stintIfFree(array $stints, Option $option, int $start, int $minutes): ?Stint
    {
        $stint = $this->byThemselves[spl_object_id($option)][$minutes][$start] ??= $this->byItself($option, $start, $minutes) ?? false;

        return false !== $stint && $this->hands->allowBeside($stints, $stint) ? $stint : null;
    }

    private function byItself(Option $option, int $start, int $minutes): ?Stint
    {
        if ($option->isForMoments && !isset($this->begins[$start]) && !$this->isWhileArmsAreFull($start, $start + $minutes)) {
            return null;
        }
        $stint = $this->hands->stint($start, $minutes, $option->place, $option->part, $option->who, $option->activity);

        return $this->hands->allowByItself($stint) ? $stint : null;
    }

    private function isWhileArmsAreFull(int $start, int $end): bool
    {
        foreach ($this->request->blocks as $block) {
            if (ParentState::ArmsFull === $block->state && $block->span->start < $end && $start < $block->span->end) {
                return true;
            }
        }

        return false;
    }
}
