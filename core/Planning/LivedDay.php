<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Part;
use Pindle\Core\Calendar\LocalDate;

/** A day that came about, as far as the days after it follow from it. */
final readonly class LivedDay
{
    /**
     * @param array<string, list<string>> $met         child id => steps met on it, each once
     * @param int                         $withMinutes in which the parent was with the children throughout, at least 0
     */
    public function __construct(public LocalDate $date, public array $met, public int $withMinutes)
    {
    }

    /** @param list<SetUp> $setUps that came about */
    public static function of(LocalDate $date, array $setUps): self
    {
        $met = [];
        $with = 0;
        foreach ($setUps as $setUp) {
            $with += Part::With === $setUp->part ? $setUp->span->minutes() : 0;
            foreach ($setUp->sittings as $sitting) {
                foreach ($sitting->courses as $course) {
                    $met[$sitting->childId][$course->stepId] = true;
                }
            }
        }

        return new self($date, array_map(array_keys(...), $met), $with);
    }
}
