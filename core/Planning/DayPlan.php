<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Calendar\LocalDate;

/** A day: what is laid out when and for whom, what each child does meanwhile, and what it is worth. */
final readonly class DayPlan
{
    /**
     * @param list<SetUp>                 $setUps in order of time, kept ones included
     * @param array<string, list<Stretch>> $threads child id => what they do, minute by minute, inside the used part of each window
     * @param list<Moment>                $moments for any time today
     * @param array<string, WhyLittle>    $little  child id => why they have nothing or little
     */
    public function __construct(
        public LocalDate $date,
        public array $setUps,
        public array $threads,
        public Goal $goal,
        public array $moments = [],
        public array $little = [],
    ) {
    }
}
