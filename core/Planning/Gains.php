<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Part;

/**
 * What a day would gain by one option more, before it is laid out: close enough to choose by, and quick. What a child would learn by a candidate is
 * worked out once for all that the child has in a day.
 */
final class Gains
{
    /** @var array<string, array{array<string, int>, float}> by child and what they have: tries by step, and the worth of it */
    private array $learnt = [];

    /** @var array<string, array<int, float>> by child and what they have, then by candidate and questions: what they would learn more */
    private array $more = [];

    /** @var array<string, string> child id => what they have in the day that is looked at */
    private array $has = [];

    /** @var array<string, int> child id => minutes in that day */
    private array $sat = [];

    /** @var array<string, array<string, true>> child id => ids of activities in that day */
    private array $plays = [];

    /** @var array<string, true> ids of activities in that day that are new to the parent */
    private array $new = [];

    /** @var array<string, float> child id => the part they have of what they were to have */
    private array $shares = [];

    /** @var array<string, array<int, float>> child id => minutes => what so many more bring in that day, whatever is learnt */
    private array $sharing = [];

    /** The smallest of these parts, the next one, and how many children have the smallest. */
    private float $least = 1.0;
    private float $next = 1.0;
    private int $worstOff = 0;

    private bool $isEmpty = true;

    /** What one more set-up costs in that day for being laid out, and what a minute costs in any with the parent there throughout. */
    private float $setUp = 0.0;
    private readonly float $minuteWith;

    private readonly Weights $weights;

    public function __construct(private readonly Reckoning $reckoning, private readonly Scale $scale, private readonly SetOuts $setOuts)
    {
        $this->weights = $scale->weights;
        $this->minuteWith = $this->weights->minuteWith * $reckoning->withWeight;
    }

    /**
     * The day that is looked at from now on.
     *
     * @param list<Placed> $placed all of it, what stays among it
     */
    public function look(array $placed): void
    {
        $this->isEmpty = [] === $placed;
        $this->setUp = $this->reckoning->setUp($this->isEmpty);
        $has = $this->sat = $this->plays = $this->sharing = $this->new = [];
        foreach ($placed as $one) {
            $this->new += $one->counted->isNew ? [$one->counted->activityId => true] : [];
            foreach ($one->counted->sittings as [$childId, $courses]) {
                $has[$childId][$one->as] = $courses;
                $this->sat[$childId] = ($this->sat[$childId] ?? 0) + $one->counted->minutes;
                $this->plays[$childId][$one->counted->activityId] = true;
            }
        }
        [$this->least, $this->next, $this->worstOff] = [1.0, 1.0, 0];
        foreach ($this->reckoning->asked as $childId => $minutes) {
            $own = $has[$childId] ?? [];
            ksort($own);
            $key = $this->has[$childId] = $childId.' '.implode(' ', array_keys($own));
            $this->learnt[$key] ??= $this->learnt($own);
            $share = $this->shares[$childId] = min(1.0, ($this->sat[$childId] ?? 0) / $minutes);
            if ($share < $this->least) {
                [$this->least, $this->next, $this->worstOff] = [$share, $this->least, 1];
            } elseif ($share === $this->least) {
                ++$this->worstOff;
            } else {
                $this->next = min($this->next, $share);
            }
        }
    }

    /** What a child would learn more by so many questions of a candidate, in the unit of the goal. */
    public function learning(Candidate $candidate, int $questions): float
    {
        $key = $this->has[$candidate->childId];

        return $this->more[$key][100 * spl_object_id($candidate) + $questions] ??= $this->learns($candidate, $questions, ...$this->learnt[$key]);
    }

    /** What a child has in the day that is looked at, what the parent has to learn there, and whether it is empty: the same for the same. */
    public function has(string $childId): string
    {
        return $this->has[$childId].' '.($this->isEmpty ? 'first' : implode(' ', array_keys($this->new)));
    }

    /** What the day would gain by one child's place at a set-up of so many minutes, besides what the set-up costs. */
    public function ofOne(Candidate $candidate, int $questions, int $minutes): float
    {
        $childId = $candidate->childId;

        return $this->learning($candidate, $questions)
            + ($this->sharing[$childId][$minutes] ??= $this->sharing($childId, $minutes))
            - (isset($this->plays[$childId][$candidate->activity->id]) ? $this->weights->again : 0.0);
    }

    /** What the day would gain by so many minutes for a child, whatever they learn. */
    private function sharing(string $childId, int $minutes): float
    {
        $share = min(1.0, (($this->sat[$childId] ?? 0) + $minutes) / $this->reckoning->asked[$childId]);

        return $this->weights->share * ($share - $this->shares[$childId]) / \count($this->shares)
            // Where several have as little, each of them is a part of the way.
            + ($this->shares[$childId] <= $this->least && $this->worstOff > 0
                ? $this->reckoning->fair * max(0.0, min($share, $this->next) - $this->least) / $this->worstOff
                : 0.0);
    }

    /** What one child more at a set-up brings and costs besides what they learn, where it takes so many minutes more. */
    public function company(float $minutes): float
    {
        return $this->weights->together - ($this->weights->minute + $this->minuteWith) * $minutes;
    }

    /** What the day would gain by an option. */
    public function of(Option $option, int $length): float
    {
        $weights = $this->weights;
        $minutes = $this->setOuts->minutes($option, $length);
        // A game is learnt once.
        $isNew = $option->isNew && !isset($this->new[$option->activity->id]);
        $gain = ($isNew ? $weights->opening * ($this->scale->opens[$option->activity->id] ?? 0.0) - $weights->newGame : 0.0)
            + $weights->together * (\count($option->candidates) - 1)
            - $this->setUp
            - $weights->kind * $this->setOuts->kinds($option)
            - $weights->minute * $minutes
            - (Part::With === $option->part ? $this->minuteWith * $minutes : 0.0);
        foreach ($option->candidates as $candidate) {
            $gain += $this->ofOne($candidate, $option->lengths[$length][$candidate->childId], $minutes);
        }

        return $gain;
    }

    /**
     * @param array<int, list<array{string, float, int}>> $has
     *
     * @return array{array<string, int>, float}
     */
    private function learnt(array $has): array
    {
        $tries = [];
        $worth = 0.0;
        foreach ($has as $courses) {
            foreach ($courses as [$stepId, $value, $count]) {
                $before = $tries[$stepId] ?? 0;
                $tries[$stepId] = $before + $count;
                $worth += $value * ($this->reckoning->learnt($before + $count) - $this->reckoning->learnt($before));
            }
        }

        return [$tries, $worth];
    }

    /** @param array<string, int> $tries by step */
    private function learns(Candidate $candidate, int $questions, array $tries, float $worth): float
    {
        $best = $this->scale->best[$candidate->childId] ?? 0.0;
        if ($best <= 0.0) {
            return 0.0;
        }
        $more = 0.0;
        foreach ($this->setOuts->courses($candidate, $questions) as [$stepId, $value, $count]) {
            $before = $tries[$stepId] ?? 0;
            $more += $value * ($this->reckoning->learnt($before + $count) - $this->reckoning->learnt($before));
        }

        return $this->weights->learning * log(($best + $worth + $more) / ($best + $worth));
    }
}
