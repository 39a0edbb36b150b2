<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

/** Minutes and days of one child in a year. */
final readonly class YearChildView
{
    /**
     * @param array<string, int>        $strands strand => minutes
     * @param array<string, array{int, int}> $months month => days and minutes
     */
    public function __construct(public WhoView $child, public int $days, public int $minutes, public array $strands, public array $months)
    {
    }
}
