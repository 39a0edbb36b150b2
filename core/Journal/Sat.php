<?php

declare(strict_types=1);

namespace Pindle\Core\Journal;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Skill\Strand;

/** One sitting of one child that was done. */
final readonly class Sat
{
    /**
     * @param int                    $minutes 0 and up
     * @param non-empty-list<Strand> $strands of its courses, in order
     */
    public function __construct(public LocalDate $day, public string $childId, public int $minutes, public array $strands)
    {
    }

    /** @return array<string, int> strand => minutes; of an uneven split the earlier course has the minute more */
    public function byStrand(): array
    {
        $minutes = [];
        $parts = \count($this->strands);
        foreach ($this->strands as $i => $strand) {
            $own = intdiv($this->minutes, $parts) + ($i < $this->minutes % $parts ? 1 : 0);
            $minutes[$strand->value] = ($minutes[$strand->value] ?? 0) + $own;
        }

        return $minutes;
    }
}
