<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

/**
 * How a child's looks at what it could do have gone, beside how they should have gone by the half-lives: a running sum, from which follows how
 * fast this child forgets. In whole thousandths, so that the order of adding changes nothing.
 */
final readonly class Looks
{
    /** Looks as good as these are believed of every child beforehand: with fewer, one unlucky day would say too much. */
    public const BELIEVED = 2.0;

    /** Nobody is taken to forget more than so much slower or faster than usual. */
    public const SLOWEST = 0.5;
    public const FASTEST = 4.0;

    /**
     * @param int $count  looks, 0 and up
     * @param int $missed of these, not right without help
     * @param int $faded  misses there should have been by forgetting alone, in thousandths
     *
     * @throws InvalidEvidence when a number is below 0
     */
    public function __construct(public int $count = 0, public int $missed = 0, public int $faded = 0)
    {
        if (min($count, $missed, $faded) < 0) {
            throw InvalidEvidence::count(min($count, $missed, $faded));
        }
    }

    /**
     * After one more look.
     *
     * @param float $halfLife days, above 0
     * @param int   $gap      days since the step was met, 1 and up
     */
    public function with(float $halfLife, int $gap, bool $isUnaided): self
    {
        return new self($this->count + 1, $this->missed + ($isUnaided ? 0 : 1), $this->faded + (int) round(1000 * log(2) * $gap / $halfLife));
    }

    /** The sum with the looks at one step as they are now in the place of those they were. */
    public function replacing(self $before, self $after): self
    {
        return new self(
            $this->count - $before->count + $after->count,
            $this->missed - $before->missed + $after->missed,
            $this->faded - $before->faded + $after->faded,
        );
    }

    /** How many times as fast as the half-lives say this child forgets, SLOWEST to FASTEST. Slips are not taken for forgetting. */
    public function speed(): float
    {
        $missed = max(0.0, $this->missed - Tracing::SLIP * $this->count);

        return max(self::SLOWEST, min(self::FASTEST, (self::BELIEVED + $missed) / (self::BELIEVED + $this->faded / 1000)));
    }
}
