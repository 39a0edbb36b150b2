<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

/** A day that is being filled: what may be in it together, and what it is worth so far. */
final class Filling
{
    public readonly Hands $hands;
    public readonly Options $options;
    public readonly Gains $gains;
    public readonly Room $room;
    private readonly SetOuts $setOuts;
    private readonly Length $length;
    private readonly Reckoning $reckoning;

    /** @var list<Placed> what stays as it is: begun, done, or planned before */
    private readonly array $firm;

    /** @var list<Counted> of what was planned before */
    private readonly array $held;

    /** @var array<int, array{int, float}> by candidate: questions and worth of a place at a set-up of several */
    private array $seats = [];

    /** Set-ups that may still come. */
    private readonly int $setUpsLeft;

    /** Activities new to the parent that may still come. */
    private readonly int $newLeft;

    /** @param list<SetUp> $held what is planned already and stays, besides what is kept */
    public function __construct(DayRequest $request, Day $day, Prospects $prospects, SettingOut $settingOut, array $held = [])
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
        $this->held = array_map(static fn (Placed $one): Counted => $one->counted, \array_slice($firm, \count($request->kept)));
        $length = new Length($request);
        foreach ($prospects->candidates as $childId => $candidates) {
            $left[$this->hands->bits[$childId]] = $length->left($candidates[0]->learner, $held);
        }
        $stints = array_map(static fn (Placed $one): Stint => $one->stint, $firm);
        $this->room = new Room($request, $this->hands, $this->setOuts, $length, $stints, \count($request->kept), $left);
        $this->length = $length;
        $this->setUpsLeft = max(0, ($request->mostSetUps() ?? \PHP_INT_MAX) - \count($held));
        $this->newLeft = $request->newLeft() - $request->newAmong($held);
    }

    /**
     * What the day is worth with these.
     *
     * @param list<Placed> $placed
     */
    public function worth(array $placed): float
    {
        $counted = [];
        foreach ($placed as $one) {
            $counted[] = $one->counted;
        }

        return $this->goal($counted);
    }

    /** What a child's place at a set-up of so many minutes would bring to a company, with the fewest questions of their age. */
    public function bringsToCompany(Candidate $candidate, int $minutes): float
    {
        [$questions, $beside] = $this->seats[spl_object_id($candidate)] ??= $this->seat($candidate);

        return $this->gains->ofOne($candidate, $questions, $minutes) + $beside;
    }

    /** @return array{int, float} the fewest questions for the child of a candidate, and what their place brings and costs besides what is learnt */
    private function seat(Candidate $candidate): array
    {
        $questions = $this->length->size($candidate->learner->child)->fewest;

        return [$questions, $this->gains->company($questions * $candidate->activity->seconds / 60)];
    }

    /**
     * Whether an option may come beside these at all, whatever the time.
     *
     * @param list<Placed> $others
     */
    public function mayCome(array $others, Option $option): bool
    {
        if (\count($others) >= $this->setUpsLeft) {
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
     * The longest of the lengths of an option that may come beside these and for which its children have minutes left; null where there is none.
     *
     * @param list<Placed> $others
     */
    public function longestLeft(array $others, Option $option): ?int
    {
        return $this->mayCome($others, $option) ? $this->room->length($option, $this->room->left($others, $option->who)) : null;
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

    /** Minutes of an option, as far as is known (SetOuts). */
    public function minutes(Option $option, int $length): int
    {
        return $this->setOuts->minutes($option, $length);
    }

    /**
     * The others with an option laid out beside them; null where it cannot be.
     *
     * @param list<Placed> $others
     *
     * @return list<Placed>|null
     */
    public function with(array $others, Option $option, int $length, int $start): ?array
    {
        $placed = $this->setOuts->place($option, $length, $start, [...$this->firm, ...$others]);

        // What is asked may take a little longer, or shorter, than was thought.
        return null !== $placed && $this->room->isFree($others, $option, $placed->stint) ? [...$others, $placed] : null;
    }

    /**
     * The others with an option thought of beside them; null where it cannot be.
     *
     * @param list<Placed> $others
     *
     * @return list<Placed>|null
     */
    public function thought(array $others, Option $option, int $length, int $start): ?array
    {
        $thought = $this->setOuts->thought($option, $length, $start);

        return null === $thought ? null : [...$others, $thought];
    }

    /** Whether an option is known to want what the house has not, or what nobody may reach then. */
    public function lacks(Option $option): bool
    {
        return $this->setOuts->lacks($option);
    }

    /**
     * What was only thought of laid out too; what cannot be is left away.
     *
     * @param list<Placed> $placed
     *
     * @return list<Placed>
     */
    public function laidOut(array $placed): array
    {
        $laid = array_values(array_filter($placed, static fn (Placed $one): bool => null !== $one->setUp));
        $thought = array_filter($placed, static fn (Placed $one): bool => null === $one->setUp);
        usort($thought, static fn (Placed $a, Placed $b): int => $a->stint->start <=> $b->stint->start);
        foreach ($thought as $one) {
            $laid = $this->with($laid, $one->option ?? throw new \LogicException('What stays lies out.'), $one->length, $one->stint->start) ?? $laid;
        }

        return $laid;
    }

    /**
     * The same as long as there is room for, up to a length, when little ones are least without company.
     *
     * @param list<Placed> $others
     * @param int|null     $from   the first minute to be tried, those before it last
     *
     * @return list<Placed>|null
     */
    public function fitted(array $others, Option $option, int $length, ?int $from = null): ?array
    {
        [$length, $start] = $this->room->fitted($others, $option, $length, $from, true);

        return null === $start ? null : $this->thought($others, $option, $length, $start);
    }

    /**
     * Each length of an option at a time it fits in besides what stays, and what it would bring.
     *
     * @return list<array{float, Option, int, int}> worth, option, length and start
     */
    public function ways(Option $option): array
    {
        $ways = [];
        foreach (array_keys($option->lengths) as $length) {
            $start = $this->room->start([], $option, $length, null, true);
            if (null !== $start) {
                $ways[] = [$this->goal([$this->setOuts->expected($option, $length, $start)]), $option, $length, $start];
            }
        }

        return $ways;
    }

    /** An option laid out besides what stays; null where it cannot be, or a little one would be too long without company. */
    public function besides(Option $option, int $length, int $start): ?Placed
    {
        $thought = $this->thought([], $option, $length, $start);
        $placed = null === $thought || 0 !== $this->room->excess($thought) ? null : $this->with([], $option, $length, $start);

        return null === $placed || 0 !== $this->room->excess($placed) ? null : $placed[0];
    }

    /** The same as long as it can be; null where it cannot be at all. */
    public function longest(Option $option): ?Placed
    {
        foreach (array_reverse($this->ways($option)) as [, , $length, $start]) {
            $placed = $this->besides($option, $length, $start);
            if (null !== $placed) {
                return $placed;
            }
        }

        return null;
    }

    /** @param list<Counted> $counted */
    private function goal(array $counted): float
    {
        return $this->reckoning->goal([...$this->held, ...$counted])->total();
    }

    /**
     * The three questions of a check settle a step, and so does a look; asked twice on one day they say no more.
     *
     * @param list<Placed> $others
     */
    private function isSettled(array $others, Option $option): bool
    {
        foreach ($this->firm as $firm) {
            foreach ($option->settles ? $firm->setUp->sittings ?? [] : [] as $sitting) {
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
