<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

/** Fills a day one set-up after the other, each time with what lifts the goal most. */
final readonly class Greedy
{
    /** So many are laid out to find it. */
    private const TRIES = 12;

    private Options $options;

    public function __construct(private Filling $filling)
    {
        $this->options = $filling->options;
    }

    /**
     * The day filled up: again and again with what lifts the goal most, until nothing does.
     *
     * @return list<Placed>
     */
    public function filled(): array
    {
        $all = $this->everything();
        $placed = [];
        while (null !== $next = $this->lifted($placed, $all)) {
            $placed = $next;
        }

        return $placed;
    }

    /**
     * @param list<Placed> $placed
     * @param list<Option> $all
     *
     * @return list<Placed>|null
     */
    private function lifted(array $placed, array $all): ?array
    {
        $now = $this->filling->worth($placed);
        $this->filling->look($placed);
        $found = [];
        foreach ($all as $option) {
            $length = $this->filling->longestLeft($placed, $option);
            $gain = null === $length ? 0.0 : $this->filling->gains->of($option, $length);
            if (null !== $length && $gain > 0.0) {
                $found[] = [$gain, $option, $length];
            }
        }
        usort($found, static fn (array $a, array $b): int => $b[0] <=> $a[0]);
        foreach (\array_slice($found, 0, self::TRIES) as [, $option, $length]) {
            $next = $this->filling->fitted($placed, $option, $length);
            if (null !== $next && 0 === $this->filling->room->excess($next) && $this->filling->worth($next) > $now) {
                return $next;
            }
        }

        return null;
    }

    /** @return list<Option> every candidate alone with the parent's usual part, and of each activity at which children meet all of them and every two */
    private function everything(): array
    {
        $all = [];
        foreach ($this->options->candidates as $own) {
            foreach ($own as $candidate) {
                $all[] = $this->options->usual($candidate);
            }
        }
        foreach ($this->options->meeting as $of) {
            $best = array_values(array_map(static fn (array $own): Candidate => $own[0], $of));
            foreach ($best as $i => $one) {
                foreach (\array_slice($best, $i + 1) as $other) {
                    $all[] = $this->options->together([$one, $other]);
                }
            }
            $all[] = \count($best) > 2 ? $this->options->together($best) : null;
        }

        return array_values(array_filter($all));
    }
}
