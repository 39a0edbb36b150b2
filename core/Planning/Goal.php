<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

/**
 * What a plan is worth, term by term. A plan before anything is done and with nothing in it is worth 0, unless nobody could sit anyway. What each
 * weight is for stands in Weights; how it is added up in Reckoning.
 */
final readonly class Goal
{
    public function __construct(
        public float $learning,
        public float $together,
        public float $layingOut,
        public float $fetching,
        public float $minutes,
        public float $parent,
        public float $new,
        public float $opening,
        public float $repeats,
        public float $fair,
        public float $share,
    ) {
    }

    /** @param list<SetUp> $setUps besides what is kept */
    public static function of(DayRequest $request, Scale $scale, array $setUps): self
    {
        $reckoning = new Reckoning($request, $scale);

        return $reckoning->goal(array_map(static fn (SetUp $setUp): Counted => $reckoning->counted($setUp), $setUps));
    }

    public function total(): float
    {
        return array_sum(get_object_vars($this));
    }
}
