<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

/**
 * Sees to it, while a day is built, that no little one is too long without company: by other times, by a place for them at a set-up that is there, or by
 * one of their own. What an older child is given is seldom possible without.
 */
final class Company
{
    /** So many set-ups are put somewhere to find other times. */
    private const ARRANGED = 60;

    /** So often a place or a set-up for little ones is tried; so often of ten a place, and where there are several so often all of them at once. */
    private const TRIES = 3;
    private const PLACE = 5;
    private const ALL = 7;

    /** @var array<string, true> by options and lengths: what was tried before */
    private array $tried = [];

    private readonly Options $options;

    public function __construct(private readonly Filling $filling, private readonly Chance $chance)
    {
        $this->options = $filling->options;
    }

    /**
     * A day in which all little ones have company, with these or some more; null where it was not found.
     *
     * @param list<Placed> $placed
     *
     * @return list<Placed>|null
     */
    public function kept(array $placed): ?array
    {
        $excess = $this->filling->room->excess($placed);
        $key = implode(' ', array_map(static fn (Placed $one): string => $one->option?->key.$one->length, $placed));
        if (0 === $excess || isset($this->tried[$key])) {
            return 0 === $excess ? $placed : null;
        }
        $this->tried[$key] = true;
        $arranged = $this->arranged($placed);
        for ($time = 0; null === $arranged && $time < self::TRIES; ++$time) {
            $lonely = $this->filling->room->lonely($placed);
            $more = $this->chance->inTen(self::PLACE) ? $this->joined($placed, $lonely) : $this->besides($placed, $lonely);
            $less = null === $more ? $excess : $this->filling->room->excess($more);
            if (null !== $more && $less < $excess) {
                [$placed, $excess] = [$more, $less];
            }
            $arranged = 0 === $excess ? $placed : null;
        }

        return $arranged;
    }

    /**
     * @param list<Placed> $placed
     *
     * @return list<Placed>|null the same at other times
     */
    private function arranged(array $placed): ?array
    {
        usort($placed, static fn (Placed $a, Placed $b): int => $a->stint->start <=> $b->stint->start);
        $again = [];
        foreach ($this->filling->room->arranged($placed, self::ARRANGED) ?? [] as [$one, $start]) {
            $again = null === $one->option ? null : $this->filling->thought($again, $one->option, $one->length, $start);
            if (null === $again) {
                return null;
            }
        }

        return [] !== $again && 0 === $this->filling->room->excess($again) ? $again : null;
    }

    /**
     * A set-up that is there, with the lonely ones who can meet at it.
     *
     * @param list<Placed> $now
     * @param list<string> $lonely
     *
     * @return list<Placed>|null
     */
    private function joined(array $now, array $lonely): ?array
    {
        if ([] === $now) {
            return null;
        }
        $i = $this->chance->upTo(\count($now)) - 1;
        [$option, $start] = [$now[$i]->option, $now[$i]->stint->start];
        array_splice($now, $i, 1);
        $of = null === $option ? [] : array_diff_key($this->options->meeting[$option->activity->id] ?? [], $option->byChild());
        $more = array_map($this->chance->oneEarly(...), array_intersect_key($of, array_flip($lonely)));
        $with = null === $option || [] === $more ? null : $this->options->ofCompany($option->byChild() + $more);
        if (null === $with || !$this->filling->mayCome($now, $with)) {
            return null;
        }
        $length = $this->chance->late(\count($with->lengths));
        $at = $this->filling->room->start($now, $with, $length, $start);

        return null === $at ? null : $this->filling->thought($now, $with, $length, $at);
    }

    /**
     * A set-up of their own for lonely ones.
     *
     * @param list<Placed> $now
     * @param list<string> $lonely
     *
     * @return list<Placed>|null
     */
    private function besides(array $now, array $lonely): ?array
    {
        $option = \count($lonely) > 1 && $this->chance->inTen(self::ALL) ? $this->ofSeveral(array_flip($lonely)) : null;
        $alone = [] === $lonely ? [] : $this->options->candidates[$this->chance->one($lonely)] ?? [];
        $option ??= [] === $alone ? null : $this->options->usual($this->chance->oneEarly($alone));
        $length = null === $option ? null : $this->filling->longestLeft($now, $option);

        return null === $option || null === $length ? null : $this->filling->fitted($now, $option, $length);
    }

    /** @param array<string, int> $lonely child id => any */
    private function ofSeveral(array $lonely): ?Option
    {
        $where = [];
        foreach ($this->options->meeting as $of) {
            $who = array_intersect_key($of, $lonely);
            $where = \count($who) > 1 ? [...$where, $who] : $where;
        }

        return [] === $where ? null : $this->options->ofCompany(array_map($this->chance->oneEarly(...), $this->chance->one($where)));
    }
}
