<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

/** Minutes and days of a year of the house. */
final readonly class YearView
{
    /**
     * @param list<YearChildView>   $children those with whom anything was done
     * @param array<string, string> $strands  strand => its name, in order; those in which anything was done
     * @param array<string, string> $months   month => its name, in order; all of the year that have begun
     */
    public function __construct(
        public string $from,
        public string $to,
        public string $title,
        public int $startMonth,
        public int $startDay,
        public ?string $before,
        public ?string $after,
        public array $children,
        public array $strands,
        public array $months,
        public int $daysOfAll,
        public string $rulesDiffer,
    ) {
    }
}
