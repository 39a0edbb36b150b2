<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

/** What a line of the record rests on, counted by kind. Tries are counted by the window. */
final readonly class RestsOn
{
    /**
     * @param int  $closings  closing marks and tallies, 0 and up
     * @param int  $checks    tries that were part of a check, 0 and up
     * @param int  $witnessed notes of what was seen elsewhere, 0 and up
     * @param bool $byHand    whether the parent ever set the mark
     *
     * @throws InvalidEvidence when a count is below 0
     */
    public function __construct(public int $closings = 0, public int $checks = 0, public int $witnessed = 0, public bool $byHand = false)
    {
        if (min($closings, $checks, $witnessed) < 0) {
            throw InvalidEvidence::count(min($closings, $checks, $witnessed));
        }
    }

    public function with(Seen $seen): self
    {
        return match (true) {
            $seen instanceof Closing => new self($this->closings + 1, $this->checks, $this->witnessed, $this->byHand),
            $seen instanceof Attempt && Purpose::Check === $seen->purpose => new self($this->closings, $this->checks + 1, $this->witnessed, $this->byHand),
            $seen instanceof Witness => new self($this->closings, $this->checks, $this->witnessed + 1, $this->byHand),
            $seen instanceof HandMark => new self($this->closings, $this->checks, $this->witnessed, true),
            default => $this,
        };
    }
}
