<?php

declare(strict_types=1);

namespace Pindle\Core\Journal;

use Pindle\Core\Calendar\LocalDate;

/** An amount that was guessed, and what was counted then. */
final readonly class Guess
{
    /**
     * @param int        $guess   0 and up
     * @param int        $counted 1 and up
     * @param bool       $ofOthers whether it was the pot of other things, whose size misleads
     * @param float|null $side    longest side of one of them in millimetres; null where nobody measured it
     */
    public function __construct(public LocalDate $day, public int $guess, public int $counted, public bool $ofOthers = false, public ?float $side = null)
    {
    }

    /** How far it was off, as a share of the count: above 0 for too many, below for too few. */
    public function off(): float
    {
        return ($this->guess - $this->counted) / max(1, $this->counted);
    }
}
