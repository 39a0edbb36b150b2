<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

/**
 * Looks for the set-ups with which a day is worth most: first one after the other, each time what lifts the goal most; then by small changes, of which
 * those that make the day worse are taken too, ever more seldom (simulated annealing; Kirkpatrick, Gelatt and Vecchi 1983), once from an empty day and
 * once from the best so far. A fixed number of steps and a seed of the day: the same request gives the same plan.
 */
final class Search
{
    /** Small changes tried: so many for each child who could sit. */
    public const STEPS_A_CHILD = 250;

    /** What a change may cost at first, the second time, and at last, to be taken about once in three times, in the unit of the goal. */
    private const WARM = 1.0;
    private const WARM_AGAIN = 0.5;
    private const COOL = 0.03;

    /** While a plan is looked for, a minute in which a little one is too long without company costs so much at first, and at last; a plan has none. */
    private const FINE = 1.0;
    private const LAST_FINE = 3.0;

    private readonly Chance $chance;
    private readonly Options $options;

    private readonly Draw $draw;
    private readonly Rebuilding $rebuilding;

    /**
     * @param non-empty-list<string> $children ids of those who could sit
     * @param non-empty-list<int>    $times    starts on an empty day
     * @param int                    $seed     tells days and houses apart
     */
    private function __construct(private readonly Filling $filling, private readonly array $children, private readonly array $times, int $seed)
    {
        $this->chance = new Chance($seed);
        $this->options = $filling->options;
        $this->draw = new Draw($filling, $this->chance, $children);
        $this->rebuilding = new Rebuilding($filling, $this->chance, $this->draw);
    }

    /**
     * The set-ups with which the day is worth most, besides what stays.
     *
     * @param int|null $steps changes tried; null for as many as are usual
     *
     * @return list<SetUp>
     */
    public static function best(Filling $filling, int $seed, ?int $steps = null): array
    {
        $children = array_keys($filling->options->candidates);
        $times = $filling->room->starts([], 1);

        return [] === $children || [] === $times ? [] : (new self($filling, $children, $times, $seed))->found($steps);
    }

    /** @return list<SetUp> */
    private function found(?int $steps): array
    {
        $steps ??= self::STEPS_A_CHILD * \count($this->children);
        $best = (new Greedy($this->filling))->filled();
        $worth = $this->filling->worth($best);
        foreach ([self::WARM, self::WARM_AGAIN] as $time => $warm) {
            [$found, $is] = $this->annealed(0 === $time ? [] : $best, intdiv($steps, 2), $warm);
            [$best, $worth] = $is > $worth + 1e-9 ? [$found, $is] : [$best, $worth];
        }

        return array_map(static fn (Placed $one): SetUp => $one->setUp, $best);
    }

    /**
     * @param list<Placed> $now
     *
     * @return array{list<Placed>, float} the best day met that breaks no rule, and what it is worth
     */
    private function annealed(array $now, int $steps, float $warm): array
    {
        [$goal, $excess] = [$this->filling->worth($now), $this->filling->room->excess($now)];
        [$best, $most] = 0 === $excess ? [$now, $goal] : [[], -\INF];
        for ($step = 0; $step < $steps; ++$step) {
            $done = $step / $steps;
            $warmth = $warm * (self::COOL / $warm) ** $done;
            $fine = self::FINE * (self::LAST_FINE / self::FINE) ** $done;
            $least = $goal - $fine * $excess + $warmth * log($this->chance->share());
            $next = $this->changed($now, $least, $warmth);
            $is = null === $next ? -\INF : $this->filling->worth($next);
            if (null === $next || $is < $least) {
                continue;
            }
            $without = $this->filling->room->excess($next);
            if ($is - $fine * $without >= $least) {
                [$now, $goal, $excess] = [$next, $is, $without];
                if ($is > $most && 0 === $without) {
                    [$best, $most] = [$next, $is];
                }
            }
        }

        return [$best, $most];
    }

    /**
     * The day after one small change; null where it cannot be, or is not worth it for sure.
     *
     * @param list<Placed> $now
     * @param float        $least what the day has to be worth then
     *
     * @return list<Placed>|null
     */
    private function changed(array $now, float $least, float $warmth): ?array
    {
        $change = [] === $now ? SmallChange::Added : SmallChange::at($this->chance->upTo(100));
        if (SmallChange::Added === $change) {
            return $this->drawn($now, null, $least, $warmth);
        }
        $i = $this->chance->upTo(\count($now)) - 1;
        $one = $now[$i];
        $rest = $now;
        array_splice($rest, $i, 1);
        $option = $one->option ?? throw new \LogicException('What stays is never changed.');
        $start = $one->stint->start;

        return match ($change) {
            SmallChange::Replaced => $this->drawn($rest, $one, $least, $warmth),
            SmallChange::Lengthened => $this->with($rest, $option, $least, $start),
            SmallChange::Moved => $this->with($rest, $option, $least, null, $one->length),
            SmallChange::Joined => $this->with($rest, $this->joined($option), $least, $start),
            SmallChange::Left => $this->with($rest, $this->withoutOne($option), $least, $start),
            SmallChange::Merged => $this->merged($rest, $option, $least, $start),
            SmallChange::Removed => $rest,
            SmallChange::TwoOut => $this->twoOut($rest, $one, $least, $warmth),
            SmallChange::Timed => $this->timed($now, $this->chance->inTen(5) ? $this->offer($now, $warmth) : null),
            SmallChange::Rebuilt => $this->rebuilding->from($now, $start, $warmth),
        };
    }

    /**
     * With one more in, or in the place of one that went out.
     *
     * @param list<Placed> $rest
     *
     * @return list<Placed>|null
     */
    private function drawn(array $rest, ?Placed $instead, float $least, float $warmth): ?array
    {
        foreach ($this->draw->some($rest, $instead, $warmth) as [, $option, $length]) {
            if (1 === \count($option->candidates)) {
                $option = $this->chance->oneEarly($this->options->alone($option->candidates[0]) ?: [$option]);
            }
            // One game that is new to the parent gives way to another.
            $beside = $this->filling->mayCome($rest, $option) || !$option->isNew ? $rest : self::withoutNew($rest);
            if (!$this->filling->mayCome($beside, $option)) {
                continue;
            }
            $length -= $this->chance->inTen(3) ? $this->chance->early($length + 1) : 0;
            $near = $instead?->stint->start ?? $this->anyTime();
            [$length, $start] = $this->filling->room->fitted($beside, $option, $length, $near, $this->chance->inTen(5));
            $next = match (true) {
                null !== $start => $this->filling->with($beside, $option, $length, $start, $least),
                $this->chance->inTen(3) => $this->timed($beside, [$option, $length]),
                default => $this->instead($beside, $option, $length, $least),
            };
            if (null !== $next) {
                return $next;
            }
        }

        return null;
    }

    /**
     * @param list<Placed> $placed
     *
     * @return list<Placed>
     */
    private static function withoutNew(array $placed): array
    {
        return array_values(array_filter($placed, static fn (Placed $one): bool => !$one->counted->isNew));
    }

    /**
     * @param list<Placed> $rest
     * @param int|null     $from   when it had better begin; null for any time
     * @param int|null     $length of the option; null for any
     *
     * @return list<Placed>|null
     */
    private function with(array $rest, ?Option $option, float $least, ?int $from = null, ?int $length = null): ?array
    {
        if (null === $option || !$this->filling->mayCome($rest, $option)) {
            return null;
        }
        $length ??= $this->chance->late(\count($option->lengths));
        $start = $this->filling->room->start($rest, $option, $length, $from ?? $this->anyTime());

        return match (true) {
            null !== $start => $this->filling->with($rest, $option, $length, $start, $least),
            $this->chance->inTen(5) => $this->timed($rest, [$option, $length]),
            default => null,
        };
    }

    /** With one child more. */
    private function joined(Option $option): ?Option
    {
        $of = $this->options->meeting[$option->activity->id] ?? [];
        $company = $option->byChild();
        $more = array_keys(array_diff_key($of, $company));
        if ([] === $more) {
            return null;
        }
        $childId = $this->chance->one($more);
        $company[$childId] = $this->chance->oneEarly($of[$childId]);

        return $this->options->ofCompany($company);
    }

    /** With one child less. */
    private function withoutOne(Option $option): ?Option
    {
        $company = $option->byChild();
        unset($company[$this->chance->one($option->candidates)->learner->child->id]);

        return $this->options->ofCompany($company);
    }

    /**
     * One set-up out of two, for all who sat at them.
     *
     * @param list<Placed> $rest
     *
     * @return list<Placed>|null
     */
    private function merged(array $rest, Option $option, float $least, int $start): ?array
    {
        $i = [] === $rest ? 0 : $this->chance->upTo(\count($rest)) - 1;
        $other = $rest[$i]->option ?? null;
        if (null === $other || 0 !== ($other->who & $option->who)) {
            return null;
        }
        $start = min($start, $rest[$i]->stint->start);
        array_splice($rest, $i, 1);
        $all = $option->byChild() + $other->byChild();
        $where = array_keys(array_filter($this->options->meeting, static fn (array $of): bool => [] === array_diff_key($all, $of)));
        if ([] === $where) {
            return null;
        }
        $of = $this->options->meeting[$this->chance->one($where)];
        $company = array_map($this->chance->oneEarly(...), array_intersect_key($of, $all));

        return $this->with($rest, $this->options->ofCompany($company), $least, $start);
    }

    /**
     * Two out, or one, and two in.
     *
     * @param list<Placed> $rest with one out already
     *
     * @return list<Placed>|null
     */
    private function twoOut(array $rest, Placed $one, float $least, float $warmth): ?array
    {
        $other = null;
        if ([] !== $rest && $this->chance->inTen(5)) {
            $i = $this->chance->upTo(\count($rest)) - 1;
            $other = $rest[$i];
            array_splice($rest, $i, 1);
        }
        $next = $this->drawn($rest, $one, -\INF, $warmth);

        return null === $next ? null : $this->drawn($next, $other, $least, $warmth);
    }

    /**
     * In the place of all that its children have.
     *
     * @param list<Placed> $rest
     *
     * @return list<Placed>|null
     */
    private function instead(array $rest, Option $option, int $length, float $least): ?array
    {
        $left = array_values(array_filter($rest, static fn (Placed $one): bool => 0 === ($one->stint->who & $option->who)));
        if (\count($left) === \count($rest) || !$this->filling->mayCome($left, $option)) {
            return null;
        }
        [$length, $start] = $this->filling->room->fitted($left, $option, $length, null, true);

        return null === $start ? $this->timed($left, [$option, $length]) : $this->filling->with($left, $option, $length, $start, $least);
    }

    /**
     * The whole day at new times, one after the other: in their order, or in any.
     *
     * @param list<Placed>            $now
     * @param array{Option, int}|null $more one more, and its length
     *
     * @return list<Placed>|null
     */
    private function timed(array $now, ?array $more): ?array
    {
        $inOrder = $this->chance->inTen(5);
        if ($inOrder) {
            usort($now, static fn (Placed $a, Placed $b): int => $a->stint->start <=> $b->stint->start);
        }
        $all = [];
        foreach ($now as $one) {
            $all[] = [$one->option ?? throw new \LogicException('What stays is never changed.'), $one->length];
        }
        if (null !== $more) {
            array_splice($all, $this->chance->upTo(\count($all) + 1) - 1, 0, [$more]);
        }
        $next = [];
        foreach ($inOrder ? $all : $this->chance->shuffled($all) as [$option, $length]) {
            $start = $this->filling->room->start($next, $option, $length, null, true);
            $next = null === $start ? null : $this->filling->with($next, $option, $length, $start);
            if (null === $next) {
                return null;
            }
        }

        return $next;
    }

    /**
     * One more that may come.
     *
     * @param list<Placed> $now
     *
     * @return array{Option, int}|null
     */
    private function offer(array $now, float $warmth): ?array
    {
        $drawn = $this->draw->some($now, null, $warmth)[0] ?? null;

        return null !== $drawn && $this->filling->mayCome($now, $drawn[1]) ? [$drawn[1], $drawn[2]] : null;
    }

    private function anyTime(): int
    {
        return $this->chance->one($this->times);
    }
}
