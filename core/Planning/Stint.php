<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Activity;
use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Place;

/** A set-up as the rules of time and hands see it: from when to when, where, with how much of the parent, and who sits there. */
final readonly class Stint
{
    /** @var list<array{int, int}> minutes from and to which the parent is busy with it */
    public array $busy;

    /** Whether it opens a time at the table with empty hands: what follows needs no break. */
    public bool $opens;

    /**
     * @param int       $start  minutes after midnight; the end is not inside
     * @param int       $who    one bit a child, as Hands gives them out
     * @param list<int> $begins when the times at the table begin
     */
    public function __construct(
        public int $start,
        public int $end,
        public Place $place,
        public Part $part,
        public int $who,
        public Activity $activity,
        array $begins,
    ) {
        $this->busy = $part->busyMinutes($start, $end);
        $this->opens = \in_array($start, $begins, true) && $activity->needsNothing();
    }
}
