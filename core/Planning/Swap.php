<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Part;

/** Another activity in the place of a planned one, and what the change costs or gains. */
final readonly class Swap
{
    /**
     * @param float $gain     what the goal of the day gains by it; less than 0 where it loses
     * @param float $learning of that, by what is learnt
     * @param int   $kinds    more kinds of things to fetch; less than 0 for fewer
     * @param int   $minutes  more minutes; less than 0 for fewer
     * @param int   $with     more minutes that take all of the parent
     * @param bool  $isNew    whether the parent would have to learn it
     */
    private function __construct(
        public SetUp $setUp,
        public float $gain,
        public float $learning,
        public int $kinds,
        public int $minutes,
        public int $with,
        public bool $isNew,
    ) {
    }

    public static function of(DayRequest $request, SetUp $before, SetUp $after, Goal $was, Goal $is): self
    {
        $with = static fn (SetUp $setUp): int => Part::With === $setUp->part ? $setUp->span->minutes() : 0;

        return new self(
            $after,
            $is->total() - $was->total(),
            $is->learning - $was->learning,
            \count($after->thingIds()) - \count($before->thingIds()),
            $after->span->minutes() - $before->span->minutes(),
            $with($after) - $with($before),
            $request->repertoire->isNew($after->activity),
        );
    }
}
