<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

/**
 * Looks for the set-ups with which a day is worth most: by small changes, of which those that make the day worse are taken too, ever more seldom (simulated
 * annealing; Kirkpatrick, Gelatt and Vecchi 1983), several times from an empty day and once more from the best found, of which one is what comes of taking
 * what lifts the goal most again and again. All is only thought of until a day seems to be the best so far; then it is laid out and shows what it is. A
 * fixed number of steps and a seed of the day: the same request gives the same plan.
 */
final class Search
{
    /**
     * Small changes tried for each of several children who could sit, and for one who sits alone; half as many again for each little one from the third on,
     * for then most of what is tried leaves one of them too long without company.
     */
    private const STEPS = 950;
    private const STEPS_ALONE = 320;
    private const FEW_LITTLE = 2;
    private const LITTLE_MORE = 0.5;

    /** Searches from an empty day: where it leads depends on what came first. What part of the steps is for the one from the best day found. */
    private const RUNS = 5;
    private const AGAIN = 0.25;

    /** What a change may cost at first, and at last, to be taken about once in three times, in the unit of the goal. */
    private const WARM = 1.0;
    private const COOL = 0.03;

    /** While a plan is looked for, a minute in which a little one is too long without company costs so much at first, and at last; a plan has none. */
    private const FINE = 1.0;
    private const LAST_FINE = 3.0;

    private readonly Chance $chance;
    private readonly Changing $changing;
    private readonly Company $company;

    /**
     * @param non-empty-list<string> $children ids of those who could sit
     * @param non-empty-list<int>    $times    starts on an empty day
     * @param int                    $seed     tells days and houses apart
     */
    private function __construct(private readonly Filling $filling, array $children, array $times, int $seed)
    {
        $this->chance = new Chance($seed);
        $this->changing = new Changing($filling, $this->chance, $children, $times);
        $this->company = new Company($filling, $this->chance);
    }

    /**
     * The set-ups with which the day is worth most, besides what stays.
     *
     * @param float $times changes tried, in parts of as many as are usual
     *
     * @return list<SetUp>
     */
    public static function best(Filling $filling, int $seed, float $times = 1.0): array
    {
        $children = array_keys($filling->options->candidates);
        $starts = $filling->room->starts([], 1);
        $steps = self::steps(\count($children), \count($filling->hands->little));

        return [] === $children || [] === $starts ? [] : (new self($filling, $children, $starts, $seed))->found((int) ($times * $steps));
    }

    /** Changes tried where so many children could sit, so many of them little ones. */
    public static function steps(int $children, int $little): int
    {
        $steps = 1 === $children ? self::STEPS_ALONE : self::STEPS * $children;

        return (int) ($steps * (1 + self::LITTLE_MORE * max(0, $little - self::FEW_LITTLE)));
    }

    /** @return list<SetUp> */
    private function found(int $steps): array
    {
        $again = (int) (self::AGAIN * $steps);
        $best = $this->filling->laidOut((new Greedy($this->filling))->filled());
        [$best, $worth] = $this->filling->room->excess($best) > 0 ? [[], -\INF] : [$best, $this->filling->worth($best)];
        for ($run = 0; $run <= self::RUNS; ++$run) {
            [$from, $tried] = $run < self::RUNS ? [[], intdiv($steps - $again, self::RUNS)] : [$best, $again];
            [$best, $worth] = $this->annealed($from, $tried, $best, $worth);
        }

        return array_map(static fn (Placed $one): SetUp => $one->setUp ?? throw new \LogicException('A plan is never of thoughts.'), $best);
    }

    /**
     * @param list<Placed> $from
     * @param list<Placed> $best of all so far, and what it is worth: what seems to be worth no more is never laid out, which takes long
     *
     * @return array{list<Placed>, float} the best day met that breaks no rule, or that one, and what it is worth
     */
    private function annealed(array $from, int $steps, array $best, float $most): array
    {
        $now = $this->weighed($from);
        for ($step = 0; $step < $steps; ++$step) {
            $done = $step / $steps;
            $warmth = self::WARM * (self::COOL / self::WARM) ** $done;
            $fine = self::FINE * (self::LAST_FINE / self::FINE) ** $done;
            $least = $now->worth - $fine * $now->excess + $warmth * log($this->chance->share());
            $next = $this->taken($this->changing->changed($now, $least, $warmth), $least, $fine);
            if (null !== $next && $next->worth > $most && $next->isAllowed()) {
                $next = $this->weighed($this->filling->laidOut($next->placed));
                [$best, $most] = $next->worth > $most && $next->isAllowed() ? [$next->placed, $next->worth] : [$best, $most];
            }
            $now = $next ?? $now;
        }

        return [$best, $most];
    }

    /** @param list<Placed> $placed */
    private function weighed(array $placed): Weighed
    {
        return new Weighed($placed, $this->filling->worth($placed), $this->filling->room->excess($placed));
    }

    /**
     * A day where it is worth enough, with company for the little ones seen to where it is not; null where it stays worth too little.
     *
     * @param list<Placed>|null $next
     */
    private function taken(?array $next, float $least, float $fine): ?Weighed
    {
        $worth = null === $next ? -\INF : $this->filling->worth($next);
        if (null === $next || $worth < $least) {
            return null;
        }
        $excess = $this->filling->room->excess($next);
        if ($worth - $fine * $excess >= $least) {
            return new Weighed($next, $worth, $excess);
        }
        $kept = $this->company->kept($next);
        $worth = null === $kept ? -\INF : $this->filling->worth($kept);

        return null === $kept || $worth < $least ? null : new Weighed($kept, $worth, 0);
    }
}
