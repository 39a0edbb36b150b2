<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Calendar\Span;

/** A day that is being filled: what may be in it together, and what it is worth so far. */
final class Filling
{
    public readonly Hands $hands;
    public readonly Options $options;
    public readonly Gains $gains;
    private readonly SetOuts $setOuts;
    private readonly Length $length;
    private readonly Reckoning $reckoning;

    /** @var list<Placed> what stays as it is: begun, done, or planned before */
    private readonly array $firm;

    /** @var list<Counted> of what was planned before */
    private readonly array $held;

    /** @var list<Stint> */
    private readonly array $stints;

    /** @var list<int> how long each little one may be beside the parent in each time at the table, as Hands lists them */
    private readonly array $company;

    /** @var array<int, int> bit of a child => minutes left for today beside what stays */
    private readonly array $left;

    /** @var int set-ups that may still come */
    private readonly int $room;

    /** @var int activities new to the parent that may still come */
    private readonly int $newLeft;

    private readonly bool $isShort;

    /** @var array<int, true> minutes at which what takes no things may begin: when a time begins */
    private readonly array $begins;

    /** @param list<SetUp> $held what is planned already and stays, besides what is kept */
    public function __construct(private readonly DayRequest $request, private readonly Day $day, Prospects $prospects, SettingOut $settingOut, array $held = [])
    {
        $this->hands = $day->hands;
        $this->reckoning = new Reckoning($request, $prospects->scale);
        $this->setOuts = new SetOuts($request, $settingOut, $this->hands, $this->reckoning);
        $this->options = new Options($request, $this->hands, $this->reckoning, $prospects->candidates);
        $this->gains = new Gains($this->reckoning, $prospects->scale, $this->setOuts);
        $firm = $left = [];
        foreach ([...$request->kept, ...$held] as $i => $setUp) {
            $isKept = $i < \count($request->kept);
            $firm[] = new Placed(null, 0, $setUp, $this->hands->of($setUp), $this->reckoning->counted($setUp, $isKept), -1 - $i);
        }
        $this->firm = $firm;
        $this->stints = array_map(static fn (Placed $one): Stint => $one->stint, $firm);
        $this->held = array_map(static fn (Placed $one): Counted => $one->counted, \array_slice($firm, \count($request->kept)));
        $this->company = array_map(
            static fn (int $beside): int => max(Hands::BESIDE, $beside),
            $this->hands->beside(\array_slice($this->stints, 0, \count($request->kept))),
        );
        $this->length = new Length($request);
        foreach ($prospects->candidates as $childId => $candidates) {
            $left[$this->hands->bits[$childId]] = $this->length->left($candidates[0]->learner, $held);
        }
        $this->left = $left;
        $this->room = max(0, ($request->mostSetUps() ?? \PHP_INT_MAX) - \count($held));
        $this->newLeft = $request->newLeft() - $request->newAmong($held);
        $this->isShort = array_sum(array_map(static fn (Span $window): int => $window->minutes(), $request->windows)) < Day::SHORT_DAY;
        $this->begins = array_fill_keys($this->hands->begins, true);
    }

    /**
     * What the day is worth with these.
     *
     * @param list<Placed> $placed
     */
    public function worth(array $placed): float
    {
        return $this->goal(array_map(static fn (Placed $one): Counted => $one->counted, $placed));
    }

    /** What a child's place at a set-up of so many minutes would bring to a company, with the fewest questions of their age. */
    public function bringsToCompany(Candidate $candidate, int $minutes): float
    {
        $questions = $this->length->size($candidate->learner->child)->fewest;

        return $this->gains->ofOne($candidate, $questions, $minutes) + $this->gains->company($questions * $candidate->activity->seconds / 60);
    }

    /**
     * Minutes that little ones are too long without company, of all of them together. In a plan there are none.
     *
     * @param list<Placed> $placed
     */
    public function excess(array $placed): int
    {
        return [] === $this->company ? 0 : $this->excessOf([...$this->stints, ...array_map(static fn (Placed $one): Stint => $one->stint, $placed)]);
    }

    /**
     * Whether an option may come beside these at all, whatever the time.
     *
     * @param list<Placed> $others
     */
    public function mayCome(array $others, Option $option): bool
    {
        if (\count($others) >= $this->room) {
            return false;
        }
        $games = $option->isNew ? [$option->activity->id => true] : [];
        foreach ($others as $other) {
            $games += $other->counted->isNew ? [$other->counted->activityId => true] : [];
        }
        if ($option->isNew && \count($games) > $this->newLeft) {
            return false;
        }

        return !$this->isSettled($others, $option);
    }

    /**
     * Looks at the day with these in it: what it would gain by one more (Gains).
     *
     * @param list<Placed> $placed
     */
    public function look(array $placed): void
    {
        $this->gains->look([...$this->firm, ...$placed]);
    }

    /**
     * The longest of the lengths of an option for which its children have minutes left; null when there is none.
     *
     * @param list<Placed> $others
     */
    public function length(array $others, Option $option): ?int
    {
        $left = \PHP_INT_MAX;
        foreach ($this->left as $bit => $minutes) {
            foreach ($option->who & $bit ? $others : [] as $other) {
                $minutes -= $other->stint->who & $bit ? $other->stint->end - $other->stint->start : 0;
            }
            $left = $option->who & $bit ? min($left, $minutes) : $left;
        }
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
        $stints = $this->stints;
        foreach ($others as $other) {
            $stints[] = $other->stint;
        }
        $starts = $this->starts($stints, $minutes);
        $first = 0;
        while (null !== $from && isset($starts[$first]) && $starts[$first] < $from) {
            ++$first;
        }
        $best = null;
        $least = \PHP_INT_MAX;
        foreach ([...\array_slice($starts, $first), ...\array_slice($starts, 0, $first)] as $start) {
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
     * All the times at which an option fits in beside these.
     *
     * @param list<Placed> $others
     *
     * @return list<int>
     */
    public function free(array $others, Option $option, int $length): array
    {
        $minutes = $this->setOuts->minutes($option, $length);
        if (!$this->hasTime($others, $option, $minutes)) {
            return [];
        }
        $stints = [...$this->stints, ...array_map(static fn (Placed $one): Stint => $one->stint, $others)];

        return array_values(array_filter(
            $this->starts($stints, $minutes),
            fn (int $start): bool => null !== $this->stintIfFree($stints, $option, $start, $minutes),
        ));
    }

    /** Minutes of an option, as far as is known (SetOuts). */
    public function minutes(Option $option, int $length): int
    {
        return $this->setOuts->minutes($option, $length);
    }

    /** Minutes that are the whole of what a child was to have, and what the smallest part of it weighs. */
    public function asked(string $childId): float
    {
        return $this->reckoning->asked[$childId];
    }

    public function fair(): float
    {
        return $this->reckoning->fair;
    }

    /**
     * The others with an option laid out beside them; null where it cannot be, or comes to less than it has to.
     *
     * @param list<Placed> $others
     *
     * @return list<Placed>|null
     */
    public function with(array $others, Option $option, int $length, int $start, float $least = -\INF): ?array
    {
        $thought = $this->setOuts->minutes($option, $length);
        if ($least > -\INF && !$this->setOuts->isMade($option, $length)) {
            $counted = array_map(static fn (Placed $one): Counted => $one->counted, $others);
            $counted[] = $this->setOuts->expected($option, $length, $start);
            if ($this->goal($counted) < $least) {
                return null;
            }
        }
        $placed = $this->setOuts->place($option, $length, $start, [...$this->firm, ...$others]);
        if (null === $placed) {
            return null;
        }
        // What is asked may take a little longer, or shorter, than was thought.
        if ($thought === $placed->setUp->span->minutes()) {
            return [...$others, $placed];
        }
        $stints = [...$this->stints, ...array_map(static fn (Placed $one): Stint => $one->stint, $others)];
        $minutes = $placed->setUp->span->minutes();

        return $this->day->holds($placed->setUp->span) && $this->hasTime($others, $option, $minutes)
            && null !== $this->stintIfFree($stints, $option, $start, $minutes)
            ? [...$others, $placed]
            : null;
    }

    /**
     * Each length of an option at the first time it fits in by itself, and what it would bring.
     *
     * @return list<array{float, Option, int, int}> worth, option, length and start
     */
    public function ways(Option $option): array
    {
        $ways = [];
        foreach (array_keys($option->lengths) as $length) {
            $start = $this->start([], $option, $length);
            if (null !== $start) {
                $ways[] = [$this->expected([], $option, $length, $start), $option, $length, $start];
            }
        }

        return $ways;
    }

    /** An option by itself, as long as it can be; null where it cannot be at all. */
    public function longest(Option $option): ?Placed
    {
        foreach (array_reverse($this->ways($option)) as [, , $length, $start]) {
            $placed = $this->with([], $option, $length, $start);
            if (null !== $placed) {
                return $placed[0];
            }
        }

        return null;
    }

    /**
     * What an option would bring beside these, before it is laid out; the little ones' company left aside.
     *
     * @param list<Placed> $others
     */
    public function expected(array $others, Option $option, int $length, int $start): float
    {
        return $this->goal([...array_map(static fn (Placed $one): Counted => $one->counted, $others), $this->setOuts->expected($option, $length, $start)]);
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

    /** @param list<Counted> $counted */
    private function goal(array $counted): float
    {
        return $this->reckoning->goal([...$this->held, ...$counted])->total();
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
        foreach ($this->left as $bit => $left) {
            if ($option->who & $bit) {
                foreach ($others as $other) {
                    $left -= $other->stint->who & $bit ? $other->stint->end - $other->stint->start : 0;
                }
                if ($left < $minutes) {
                    return false;
                }
            }
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
        if ($option->isForMoments && !isset($this->begins[$start]) && !$this->isWhileArmsAreFull($start, $start + $minutes)) {
            return null;
        }
        $stint = $this->hands->stint($start, $minutes, $option->place, $option->part, $option->who, $option->activity);

        return $this->hands->allow($stints, $stint) ? $stint : null;
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

    /**
     * The three questions of a check settle a step, and so does a look; asked twice on one day they say no more.
     *
     * @param list<Placed> $others
     */
    private function isSettled(array $others, Option $option): bool
    {
        foreach ($this->firm as $firm) {
            foreach ($option->settles ? $firm->setUp->sittings : [] as $sitting) {
                foreach ($sitting->courses as $course) {
                    if ($option->about[$sitting->childId.' '.$course->stepId] ?? false) {
                        return true;
                    }
                }
            }
        }
        foreach ($others as $other) {
            if (null === $other->option || (!$option->settles && !$other->option->settles) || 0 === ($option->who & $other->option->who)) {
                continue;
            }
            foreach ($option->about as $what => $settles) {
                $theirs = $other->option->about[$what] ?? null;
                if (null !== $theirs && ($settles || $theirs)) {
                    return true;
                }
            }
        }

        return false;
    }
}
