<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

/**
 * What each part of a day weighs against the others, in one place; a benchmark changes one at a time to see what it brings (decision 36). A
 * weight is how much of the goal one more of it costs or gains.
 */
final readonly class Weights
{
    /**
     * @param float $learning   the unit all else is told in: a child's whole day with the best there is for them is worth about so much
     * @param float $together   each child more at a set-up: company, and one lay-out less
     * @param float $firstSetUp laying out and clearing wear a parent out, the day's first set-up least: who has one thing in them has that
     * @param float $setUp      each further one: without it a better search only makes busier days
     * @param float $kind       each kind of thing, what is made for it among them, is another walk to a cupboard, unless it lies there still
     * @param float $minute     a minute of set-ups is a minute in which nobody plays or washes up
     * @param float $minuteWith with the parent there throughout it costs half as much again
     * @param float $newGame    a new game has to be read, rehearsed and explained
     * @param float $make       what has to be made for a day takes an evening, each thing of it
     * @param float $makeToday  and on the day itself there is none: whoever can do without does
     * @param float $opening    and makes things possible on the days to come, for each step that nothing else in the house serves
     * @param float $again      the same game twice on one day is stale for the child
     * @param float $fair       nobody goes without so that another gets more: the child with the smallest share of their minutes counts for all
     * @param float $fairShort  the same on a day of less than twenty-five minutes, which is a turn for everyone or nothing
     * @param float $share      and the share of all of them: who cannot sit long today is no reason for the others to go without
     */
    public function __construct(
        public float $learning = 10.0,
        public float $together = 1.0,
        public float $firstSetUp = 1.0,
        public float $setUp = 2.5,
        public float $kind = 0.3,
        public float $minute = 0.10,
        public float $minuteWith = 0.05,
        public float $newGame = 1.5,
        public float $make = 0.5,
        public float $makeToday = 8.0,
        public float $opening = 3.0,
        public float $again = 1.0,
        public float $fair = 6.0,
        public float $fairShort = 12.0,
        public float $share = 6.0,
    ) {
    }
}
