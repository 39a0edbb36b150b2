<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Part;
use Pindle\Core\Calendar\LocalDate;

/** A day as it will likely be. */
final readonly class OutlookDay
{
    /**
     * @param bool                        $isPlanned whether it is planned in full; else it is only likely
     * @param list<SetUp>                 $setUps    what is ahead of it
     * @param array<string, list<string>> $due       child id => steps of which a look falls due since the last day before that is used
     * @param list<string>                $new       ids of activities that would be new to the parent
     */
    public function __construct(public LocalDate $date, public bool $isPlanned, public array $setUps, public array $due, public array $new)
    {
    }

    /** Minutes in which the parent is with the children throughout. */
    public function withMinutes(): int
    {
        $with = array_filter($this->setUps, static fn (SetUp $setUp): bool => Part::With === $setUp->part);

        return array_sum(array_map(static fn (SetUp $setUp): int => $setUp->span->minutes(), $with));
    }

    /** @return list<string> ids of the steps a child's sittings are about, in order, each once */
    public function stepsOf(string $childId): array
    {
        $steps = [];
        foreach ($this->setUps as $setUp) {
            foreach ($setUp->sittingOf($childId)->courses ?? [] as $course) {
                $steps[$course->stepId] = true;
            }
        }

        return array_keys($steps);
    }
}
