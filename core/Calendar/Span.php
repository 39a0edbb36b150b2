<?php

declare(strict_types=1);

namespace Pindle\Core\Calendar;

/** A stretch of one day in minutes after midnight: the start is inside, the end is not; start before end, both within the day. */
final readonly class Span
{
    /** @throws InvalidSpan when the minutes are outside the day or the end is not after the start */
    public function __construct(public int $start, public int $end)
    {
        if ($start < 0 || $end > 1440 || $end <= $start) {
            throw InvalidSpan::of($start, $end);
        }
    }

    /** @throws InvalidSpan */
    public static function lasting(int $start, int $minutes): self
    {
        return new self($start, $start + $minutes);
    }

    public function minutes(): int
    {
        return $this->end - $this->start;
    }

    public function holds(self $other): bool
    {
        return $this->start <= $other->start && $other->end <= $this->end;
    }

    public function overlaps(self $other): bool
    {
        return $this->start < $other->end && $other->start < $this->end;
    }

    /** Minutes between the two; 0 when they touch or overlap. */
    public function gapTo(self $other): int
    {
        return max(0, $other->start - $this->end, $this->start - $other->end);
    }
}
