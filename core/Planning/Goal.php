<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Part;

/** What a plan is worth, term by term. An empty plan is worth 0. */
final readonly class Goal
{
    /** Laying out and clearing are what wear a parent out: without this a better search only makes busier days. */
    private const A_SET_UP = 1.0;

    private function __construct(
        public float $learning,
        public float $together,
        public float $minutes,
        public float $parent,
        public float $repeats,
        public float $layingOut,
    ) {
    }

    /**
     * @param list<SetUp>          $setUps
     * @param array<string, float> $best   child id => value of the best candidate today; children without one are left out
     * @param list<SetUp>          $done   today: what was learnt there counts, so that a plan does not grow when something is done
     */
    public static function of(array $setUps, array $best, array $done = []): self
    {
        $worth = [];
        foreach ([...$done, ...$setUps] as $setUp) {
            foreach ($setUp->sittings as $sitting) {
                $worth[$sitting->childId] = ($worth[$sitting->childId] ?? 0.0) + self::learnt($sitting->value, $sitting->attempts());
            }
        }
        [$together, $minutes, $with, $repeated] = [0.0, 0.0, 0.0, 0.0];
        $activities = [];
        $things = [];
        foreach ($setUps as $setUp) {
            $together += \count($setUp->sittings) - 1;
            $minutes += $setUp->span->minutes();
            $with += Part::With === $setUp->part ? $setUp->span->minutes() : 0;
            $repeated += isset($activities[$setUp->activity->id]) ? 1.0 : 0.0;
            $activities[$setUp->activity->id] = true;
            foreach ($setUp->laid as $laid) {
                $repeated += isset($things[$laid->thing->id]) ? 0.5 : 0.0;
                $things[$laid->thing->id] = true;
            }
        }
        $learning = 0.0;
        foreach ($worth as $childId => $value) {
            $learning += ($best[$childId] ?? 0.0) > 0 ? 10 * log(1 + $value / $best[$childId]) : 0.0;
        }

        return new self($learning, $together, -0.10 * $minutes, -0.05 * $with, -$repeated, -self::A_SET_UP * \count($setUps));
    }

    /** What so many tries bring of a value: each brings less than the one before. */
    public static function learnt(float $value, int $tries): float
    {
        return $value * (1 - exp(-$tries / 4));
    }

    public function total(): float
    {
        return $this->learning + $this->together + $this->minutes + $this->parent + $this->repeats + $this->layingOut;
    }
}
