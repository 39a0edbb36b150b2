<?php

declare(strict_types=1);

namespace Pindle\Core\Advice;

use Pindle\Core\Evidence\Tracing;

/**
 * Every number that the choice of the next step turns on, in one place. What was measured for each stands in decision 32; a benchmark changes
 * one at a time to see what it brings.
 */
final readonly class Choosing
{
    /**
     * @param float $learning      chance that one try brings a step, 0 to 1
     * @param float $inReach       belief from which on a step is learnt as fast as any; what is believed less is years ahead, or stands on little
     * @param float $nearly        weight of being nearly Can do
     * @param float $opening       weight of opening what waits for this step alone
     * @param float $looking       weight of finding out what may have faded
     * @param float $keeping       weight of what a look adds to what will still be there in 90 days
     * @param float $check         weight of a check that is due
     * @param float $wanted        push of a step that is pinned or of a strand in focus
     * @param float $leftAlone     push of a strand that is open and was not touched for $leftAloneDays
     * @param float $triedToday    how much a step counts that was met today already
     * @param float $triedYesterday and yesterday
     * @param int   $nearlyRests   days a step rests once it is Nearly, unless it is pinned
     * @param int   $stuckRests    days a step rests that does not move
     * @param int   $oftenRests   days a step rests that was met in many sittings of a month and cannot be done yet
     * @param int   $untoldRests  days a step rests of which nobody said how it went
     * @param int   $courses       steps of one sitting, 1 or 2
     * @param bool  $opens         whether a sitting begins with something sure
     * @param bool  $closes        whether it ends on another step that is sure; else on an easy one of its own
     */
    public function __construct(
        public float $learning = Tracing::LEARN,
        public float $inReach = 0.3,
        public float $slope = 0.3,
        public float $nearly = 0.0,
        public float $opening = 0.25,
        public float $looking = 0.5,
        public float $keeping = 1.0,
        public float $check = 0.5,
        public float $wanted = 2.0,
        public float $leftAlone = 1.5,
        public int $leftAloneDays = 7,
        public float $triedToday = 0.3,
        public float $triedYesterday = 0.8,
        public int $nearlyRests = 6,
        public int $stuckRests = 7,
        public int $oftenRests = 7,
        public int $untoldRests = 3,
        public int $courses = 2,
        public bool $opens = true,
        public bool $closes = true,
    ) {
    }
}
