<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Activity;
use Pindle\Core\Activity\Occasion;
use Pindle\Core\Activity\Part;
use Pindle\Core\Calendar\Span;

/** A stretch of the day in which the parent has less to give than usual. */
final readonly class Block
{
    /** Nothing starts in so many minutes before the parent is there for nobody. */
    public const BEFORE = 5;

    public function __construct(public ParentState $state, public Span $span)
    {
    }

    /** Whether an activity can go on in a span, for all that the parent is about in this stretch. */
    public function allows(Activity $activity, Part $part, Span $span): bool
    {
        if (ParentState::ArmsFull === $this->state && \in_array(Occasion::ArmsFull, $activity->occasions, true)) {
            return true;
        }
        $closed = ParentState::ArmsFull === $this->state ? $this->span : new Span(max(0, $this->span->start - self::BEFORE), $this->span->end);
        if ($span->start >= $closed->start && $span->start < $closed->end) {
            return false;
        }

        return [] === array_filter($part->busy($span), fn (Span $busy): bool => $busy->overlaps($this->span));
    }
}
