<?php

declare(strict_types=1);

namespace Pindle\Tests;

use Pindle\Core\Planning\Candidate;
use Pindle\Core\Planning\DayRequest;
use Pindle\Core\Planning\Filling;
use Pindle\Core\Planning\Option;
use Pindle\Core\Planning\Placed;
use Pindle\Core\Planning\Prospects;
use Pindle\Core\Planning\Reckoning;

/**
 * The best day there is, by branch and bound: set-ups in order of their start, every option of the same candidates, every length and every start, each
 * really laid out. Only for small days.
 */
final class ExactDay
{
    public int $nodes = 0;
    private float $best;

    /** @var list<Placed> */
    public array $plan = [];

    /** @var list<Option> */
    private array $options = [];

    /** @var array<string, list<float>> child id => values of the most that 0, 1, 2 ... further sittings can bring */
    private array $most = [];

    /** @var array<string, int> child id => minutes of their shortest sitting */
    private array $shortest = [];

    /** @var array<string, float> child id => minutes asked */
    private array $asked = [];

    private float $newGames = 0.0;
    private readonly float $fair;

    public function __construct(
        private readonly DayRequest $request,
        private readonly Prospects $prospects,
        private readonly Filling $filling,
        private readonly int $mostNodes,
    ) {
        $reckoning = new Reckoning($request, $prospects->scale);
        $this->fair = $reckoning->fair;
        foreach ($prospects->candidates as $candidates) {
            foreach ($candidates as $candidate) {
                array_push($this->options, ...$filling->options->alone($candidate));
            }
        }
        foreach ($filling->options->meeting as $of) {
            foreach ($this->companies(array_values($of)) as $company) {
                $together = \count($company) > 1 ? $filling->options->together($company) : null;
                $this->options = null === $together ? $this->options : [...$this->options, $together];
            }
        }
        $opens = [];
        foreach ($this->options as $option) {
            $opens[$option->activity->id] = $option->isNew
                ? max(0.0, $prospects->scale->weights->opening * ($prospects->scale->opens[$option->activity->id] ?? 0.0) - $prospects->scale->weights->newGame)
                : 0.0;
        }
        rsort($opens);
        $this->newGames = array_sum(\array_slice($opens, 0, $request->newLeft()));
        foreach ($prospects->candidates as $childId => $candidates) {
            $values = [];
            foreach ($candidates as $candidate) {
                $value = 0.0;
                // More than any set asks: nine tries at the step, and as many at the one beside it.
                foreach (null === $candidate->second ? [$candidate] : [$candidate, $candidate->second] as $of) {
                    $value += $of->value() * (1 - exp(-9 / 4));
                }
                $values[] = $value;
            }
            rsort($values);
            $sum = 0.0;
            $this->most[$childId] = [0.0];
            foreach ($values as $value) {
                $this->most[$childId][] = $sum += $value;
            }
            $this->shortest[$childId] = min(\PHP_INT_MAX, ...array_map(
                static fn (Option $option): int => $option->who & $filling->hands->bits[$childId] ? $filling->minutes($option, 0) : \PHP_INT_MAX,
                $this->options,
            ));
            $this->asked[$childId] = $reckoning->asked[$childId];
        }
    }

    /**
     * The worth of the best day, where it is above what is known already.
     *
     * @return float|null null where it was not found in so many nodes
     */
    public function worth(float $known): ?float
    {
        $this->best = $known;
        $this->nodes = 0;
        $this->branch([], 0, '');

        return $this->nodes > $this->mostNodes ? null : $this->best;
    }

    /** @param list<Placed> $placed in order of their start */
    private function branch(array $placed, int $since, string $after): void
    {
        if (++$this->nodes > $this->mostNodes) {
            return;
        }
        $worth = $this->filling->worth($placed);
        if ($worth > $this->best && 0 === $this->filling->room->excess($placed)) {
            $this->best = $worth;
            $this->plan = $placed;
        }
        if ($worth + $this->bound($placed, $since) <= $this->best + 1e-9) {
            return;
        }
        $next = [];
        foreach ($this->options as $option) {
            if (!$this->filling->mayCome($placed, $option)) {
                continue;
            }
            foreach (array_keys($option->lengths) as $length) {
                foreach ($this->filling->room->times($placed, $option, $length) as $start) {
                    if ($start > $since || ($start === $since && $option->key > $after)) {
                        $more = $this->filling->with($placed, $option, $length, $start);
                        if (null !== $more) {
                            $next[] = [$this->filling->worth($more), $more, $start, $option->key];
                        }
                    }
                }
            }
        }
        usort($next, static fn (array $a, array $b): int => $b[0] <=> $a[0]);
        foreach ($next as [, $more, $start, $key]) {
            $this->branch($more, $start, $key);
        }
    }

    /**
     * No day with these and others that begin no sooner is worth more than so much more.
     *
     * @param list<Placed> $placed
     */
    private function bound(array $placed, int $since): float
    {
        $weights = $this->prospects->scale->weights;
        $n = \count($this->most);
        $bound = $this->newGames + ([] === $placed ? $weights->setUp - $weights->firstSetUp : 0.0);
        $least = 1.0;
        $now = 1.0;
        foreach ($this->most as $childId => $most) {
            $candidates = $this->prospects->candidates[$childId];
            [$sat, $worth, $free] = $this->child($childId, $placed, $since);
            $rest = min($candidates[0]->learner->minutes - $sat, $free);
            $share = min(1.0, $sat / $this->asked[$childId]);
            $canShare = min(1.0, ($sat + max(0, $rest)) / $this->asked[$childId]);
            $least = min($least, $canShare);
            $now = min($now, $share);
            $best = 0.0;
            $scale = $this->prospects->scale->best[$childId];
            $fits = $rest < $this->shortest[$childId] ? 0 : intdiv($rest, $this->shortest[$childId]);
            for ($k = 1; $k <= $fits && isset($most[$k]); ++$k) {
                $learns = $weights->learning * (log(1 + ($worth + $most[$k]) / $scale) - log(1 + $worth / $scale));
                $costs = \INF;
                for ($together = 1; $together <= $n; ++$together) {
                    $costs = min($costs, ($weights->setUp + $weights->minute * $this->shortest[$childId] - $weights->together * ($together - 1)) / $together);
                }
                $best = max($best, $learns - $k * $costs + $weights->share * ($canShare - $share) / $n);
            }
            $bound += $best;
        }

        return $bound + $this->fair * ($least - $now);
    }

    /**
     * @param list<Placed> $placed
     *
     * @return array{int, float, int} minutes a child sat, the worth of it, and minutes of the day that are left for them
     */
    private function child(string $childId, array $placed, int $since): array
    {
        $sat = 0;
        $tries = [];
        $worth = 0.0;
        $from = $since;
        foreach ($placed as $one) {
            foreach ($one->counted->sittings as [$id, $courses]) {
                if ($id !== $childId) {
                    continue;
                }
                $sat += $one->counted->minutes;
                $from = max($from, $one->stint->end);
                foreach ($courses as [$stepId, $value, $count]) {
                    $before = $tries[$stepId] ?? 0;
                    $tries[$stepId] = $before + $count;
                    $worth += $value * (exp(-$before / 4) - exp(-($before + $count) / 4));
                }
            }
        }
        $free = 0;
        foreach ($this->request->windows as $window) {
            $free += max(0, $window->end - max($window->start, $from));
        }

        return [$sat, $worth, $free];
    }

    /**
     * @param list<non-empty-list<Candidate>> $of the candidates of each child at one activity
     *
     * @return list<list<Candidate>>
     */
    private function companies(array $of): array
    {
        if ([] === $of) {
            return [[]];
        }
        $rest = $this->companies(\array_slice($of, 1));
        $companies = $rest;
        foreach ($of[0] as $candidate) {
            foreach ($rest as $others) {
                $companies[] = [$candidate, ...$others];
            }
        }

        return $companies;
    }
}
