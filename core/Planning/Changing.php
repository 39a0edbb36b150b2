<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

/** Makes another day out of one by a small change: what comes in is drawn by what it brings, and is only thought of. */
final class Changing
{
    /** Of several that come at once the first ones are drawn as freely as that: what they bring, they bring together. */
    private const TOGETHER = 3.0;

    /** A day of so few set-ups is now and then filled anew, with up to so many more: one that is good for two has no way on to one for three. */
    private const FEW = 3;
    private const MORE = 2;

    /** So often of ten what comes in is of any length instead of the longest there is time for; and where two share the time of one. */
    private const SHORTER = 3;
    private const SHARING = 8;

    /** So roughly is known what an option would bring, in the unit of the goal. */
    private const ROUGHLY = 0.5;

    private readonly Options $options;
    private readonly Draw $draw;

    /**
     * @param non-empty-list<string> $children ids of those who could sit
     * @param non-empty-list<int>    $times    starts on an empty day
     */
    public function __construct(private readonly Filling $filling, private readonly Chance $chance, array $children, private readonly array $times)
    {
        $this->options = $filling->options;
        $this->draw = new Draw($filling, $chance, $children);
    }

    /**
     * The day after one small change; null where it cannot be, or is not worth it for sure.
     *
     * @param float $least what the day has to be worth then
     *
     * @return list<Placed>|null
     */
    public function changed(Weighed $day, float $least, float $warmth): ?array
    {
        $now = $day->placed;
        $change = [] === $now ? SmallChange::Added : SmallChange::at($this->chance->upTo(100));
        if (SmallChange::Added === $change) {
            return $this->drawn($now, null, $least - $day->worth, $warmth);
        }
        $i = $this->chance->upTo(\count($now)) - 1;
        $one = $now[$i];
        $rest = $now;
        array_splice($rest, $i, 1);
        $option = $one->option ?? throw new \LogicException('What stays is never changed.');
        $start = $one->stint->start;

        return match ($change) {
            SmallChange::Anew => \count($now) > self::FEW ? $this->replaced($rest, $one, $least, $warmth) : $this->anew(\count($now)),
            SmallChange::Replaced => $this->replaced($rest, $one, $least, $warmth),
            SmallChange::Lengthened => $this->with($rest, $option, $start),
            SmallChange::Moved => $this->with($rest, $option, null, $one->length),
            SmallChange::Joined => $this->with($rest, $this->joined($option), $start),
            SmallChange::Left => $this->with($rest, $this->withoutOne($option), $start),
            SmallChange::Merged => $this->merged($rest, $option, $start),
            SmallChange::Removed => $rest,
            SmallChange::TwoOut => $this->twoOut($rest, $one, $least, $warmth),
            SmallChange::Timed => $this->timed($now, $this->chance->inTen(5) ? $this->offer($now, $warmth) : null),
        };
    }

    /**
     * With one more in, in the place of one that went out.
     *
     * @param list<Placed> $rest
     *
     * @return list<Placed>|null
     */
    private function replaced(array $rest, Placed $one, float $least, float $warmth, int $shorter = self::SHORTER): ?array
    {
        return $this->drawn($rest, $one, $least - $this->filling->worth($rest), $warmth, $shorter);
    }

    /**
     * With one more in, or in the place of one that went out.
     *
     * @param list<Placed> $rest
     * @param float        $need what it has to bring
     *
     * @return list<Placed>|null
     */
    private function drawn(array $rest, ?Placed $instead, float $need, float $warmth, int $shorter = self::SHORTER): ?array
    {
        foreach ($this->draw->some($rest, $instead, $warmth, $need - self::ROUGHLY) as [, $option, $length]) {
            if ($this->filling->lacks($option) && 1 === \count($option->candidates)) {
                $option = $this->options->throughout($option->candidates[0]) ?? $option;
            }
            $beside = $this->whatStays($rest, $option);
            if (null === $beside) {
                continue;
            }
            $length = $this->chance->inTen($shorter) ? $this->chance->upTo($length + 1) - 1 : $length;
            $near = $instead?->stint->start ?? $this->anyTime();
            [$length, $start] = $this->filling->room->fitted($beside, $option, $length, $near, $this->chance->inTen(5));
            $next = match (true) {
                null !== $start => $this->filling->thought($beside, $option, $length, $start),
                $this->chance->inTen(3) => $this->timed($beside, [$option, $length]),
                default => $this->instead($beside, $option, $length),
            };
            if (null !== $next) {
                return $this->refilled($next, \count($rest) - \count($beside), $warmth);
            }
        }

        return null;
    }

    /**
     * With others in the place of so many that gave way, as far as there are any: else one new game would hardly ever follow another.
     *
     * @param list<Placed> $now
     *
     * @return list<Placed>
     */
    private function refilled(array $now, int $gaps, float $warmth): array
    {
        for ($gap = 0; $gap < $gaps; ++$gap) {
            $offer = $this->offer($now, $warmth);
            $now = (null === $offer ? null : $this->filling->fitted($now, ...$offer)) ?? $now;
        }

        return $now;
    }

    /**
     * What an option may come beside: all of it, or all but the games that are new to the parent, of which one gives way to another.
     *
     * @param list<Placed> $rest
     *
     * @return list<Placed>|null null where it may not come at all
     */
    private function whatStays(array $rest, Option $option): ?array
    {
        if ($this->filling->mayCome($rest, $option)) {
            return $rest;
        }
        $known = array_values(array_filter($rest, static fn (Placed $one): bool => !$one->counted->isNew));

        return $option->isNew && $this->filling->mayCome($known, $option) ? $known : null;
    }

    /**
     * @param list<Placed> $rest
     * @param int|null     $from   when it had better begin; null for any time
     * @param int|null     $length of the option; null for any
     *
     * @return list<Placed>|null
     */
    private function with(array $rest, ?Option $option, ?int $from = null, ?int $length = null): ?array
    {
        if (null === $option || !$this->filling->mayCome($rest, $option)) {
            return null;
        }
        $length ??= $this->chance->late(\count($option->lengths));
        $start = $this->filling->room->start($rest, $option, $length, $from ?? $this->anyTime());

        return match (true) {
            null !== $start => $this->filling->thought($rest, $option, $length, $start),
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
        unset($company[$this->chance->one($option->candidates)->childId]);

        return $this->options->ofCompany($company);
    }

    /**
     * One set-up out of two, for all who sat at them.
     *
     * @param list<Placed> $rest
     *
     * @return list<Placed>|null
     */
    private function merged(array $rest, Option $option, int $start): ?array
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

        return $this->with($rest, $this->options->ofCompany($company), $start);
    }

    /**
     * All out, and as many in, or a few more.
     *
     * @return list<Placed>|null
     */
    private function anew(int $setUps): ?array
    {
        $next = [];
        for ($one = 0; $one < $setUps + self::MORE; ++$one) {
            $next = $this->drawn($next, null, -\INF, self::TOGETHER) ?? $next;
        }

        return [] === $next ? null : $next;
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
        $shorter = null === $other ? self::SHARING : self::SHORTER;
        $next = $this->drawn($rest, $one, -\INF, self::TOGETHER, $shorter);

        return null === $next ? null : $this->replaced($next, $other ?? $one, $least, $warmth, $shorter);
    }

    /**
     * In the place of all that its children have.
     *
     * @param list<Placed> $rest
     *
     * @return list<Placed>|null
     */
    private function instead(array $rest, Option $option, int $length): ?array
    {
        $left = array_values(array_filter($rest, static fn (Placed $one): bool => 0 === ($one->stint->who & $option->who)));
        if (\count($left) === \count($rest) || !$this->filling->mayCome($left, $option)) {
            return null;
        }
        [$length, $start] = $this->filling->room->fitted($left, $option, $length, null, true);

        return null === $start ? $this->timed($left, [$option, $length]) : $this->filling->thought($left, $option, $length, $start);
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
            $next = null === $start ? null : $this->filling->thought($next, $option, $length, $start);
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
